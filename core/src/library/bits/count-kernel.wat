;; How many bits two stretches of memory have in common, sixteen bytes at a time (WebAssembly Core Specification 2.0, vector instructions).
(module
  (import "library" "memory" (memory 1))
  (func (export "count") (param $one i32) (param $other i32) (param $bytes i32) (result i32)
    (local $sum v128)
    (local $end i32)
    (local.set $end (i32.add (local.get $one) (local.get $bytes)))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $one) (local.get $end)))
        (local.set $sum
          (i32x4.add
            (local.get $sum)
            (i32x4.extadd_pairwise_i16x8_u
              (i16x8.extadd_pairwise_i8x16_u
                (i8x16.popcnt (v128.and (v128.load (local.get $one)) (v128.load (local.get $other))))))))
        (local.set $one (i32.add (local.get $one) (i32.const 16)))
        (local.set $other (i32.add (local.get $other) (i32.const 16)))
        (br $next)))
    (i32.add
      (i32.add (i32x4.extract_lane 0 (local.get $sum)) (i32x4.extract_lane 1 (local.get $sum)))
      (i32.add (i32x4.extract_lane 2 (local.get $sum)) (i32x4.extract_lane 3 (local.get $sum))))))
