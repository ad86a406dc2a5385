import yauzl from 'yauzl';

/** @returns what lies in a zip, by its path, in its order */
export function unzip(bytes: Buffer): Promise<Map<string, Buffer>> {
  return new Promise((resolve, reject) => {
    yauzl.fromBuffer(bytes, { lazyEntries: true }, (error, zip) => {
      if (error) return reject(error);
      const files = new Map<string, Buffer>();
      zip.on('end', () => resolve(files)).on('error', reject);
      zip.on('entry', (entry: yauzl.Entry) => {
        zip.openReadStream(entry, (failed, stream) => {
          if (failed) return reject(failed);
          const chunks: Buffer[] = [];
          stream
            .on('data', (chunk: Buffer) => chunks.push(chunk))
            .on('end', () => {
              files.set(entry.fileName, Buffer.concat(chunks));
              zip.readEntry();
            });
        });
      });
      zip.readEntry();
    });
  });
}
