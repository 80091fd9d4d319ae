import { differenceInWords, restoreBeside, restoreInto } from '@/services/backup/restore';

// npm run restore FILE: into the shop's place, where it is empty. With --beside FOLDER: next to what is there, and
// says how the two differ. VANTLE_BACKUP_PASSPHRASE opens an encrypted one.
const [file, option, folder] = process.argv.slice(2);
const url = process.env.VANTLE_DATABASE_URL ?? 'file:data/vantle.db';
const passphrase = process.env.VANTLE_BACKUP_PASSPHRASE || undefined;
const shop = { database: url.replace(/^file:/, ''), files: process.env.VANTLE_FILES ?? 'data/files' };
try {
  if (!file || (option && (option !== '--beside' || !folder)))
    throw new Error('Name the backup: npm run restore FILE, or npm run restore FILE -- --beside FOLDER');
  if (!url.startsWith('file:'))
    throw new Error('A backup is restored into a file; bring that to the libSQL server afterwards.');
  if (folder) {
    const { manifest, difference } = await restoreBeside(file, passphrase, folder, shop);
    console.log(`${folder}: ${manifest.cases} cases and ${manifest.files} files of ${manifest.at}.`);
    for (const line of difference ? differenceInWords(difference) : ['There is no shop to compare it with.'])
      console.log(line);
  } else {
    const manifest = await restoreInto(file, passphrase, shop);
    console.log(
      `${manifest.cases} cases and ${manifest.files} files of ${manifest.at} are back. Start with npm start; the owner is made anew, since a backup holds nobody’s passphrase.`,
    );
  }
} catch (e) {
  console.error(e instanceof Error ? e.message : String(e));
  process.exit(1);
}
