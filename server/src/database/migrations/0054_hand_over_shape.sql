ALTER TABLE hand_over
  MODIFY COLUMN format VARCHAR(10) NOT NULL CHECK (format IN ('glb', 'gltf', 'obj')),
  ADD COLUMN maps VARCHAR(20) NOT NULL DEFAULT 'as-they-are' CHECK (maps IN ('as-they-are', 'png', 'jpeg', 'webp', 'ktx2'));
