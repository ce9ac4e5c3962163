/** Names that computers lay beside pictures. */
const LITTER = /^(\.|__MACOSX|Thumbs\.db$|desktop\.ini$)/i;

/** All files that were dropped or pasted, those in folders too, in the order of their names within each. */
export async function filesOf(data: DataTransfer | null): Promise<File[]> {
    if (!data) return [];
    const entries = [...data.items].map((item) => (item.kind === 'file' ? item.webkitGetAsEntry() : null)).filter((entry) => entry !== null);
    if (entries.length === 0) return [...data.files];
    return (await Promise.all(entries.map(filesIn))).flat();
}

async function filesIn(entry: FileSystemEntry): Promise<File[]> {
    if (LITTER.test(entry.name)) return [];
    if (entry.isFile) return [await new Promise<File>((resolve, reject) => (entry as FileSystemFileEntry).file(resolve, reject))];
    const inside = await entriesOf((entry as FileSystemDirectoryEntry).createReader());
    inside.sort((a, b) => a.name.localeCompare(b.name, undefined, { numeric: true }));
    return (await Promise.all(inside.map(filesIn))).flat();
}

async function entriesOf(reader: FileSystemDirectoryReader): Promise<FileSystemEntry[]> {
    const all: FileSystemEntry[] = [];
    // A reader gives at most a hundred at a time, and an empty list at the end.
    for (;;) {
        const some = await new Promise<FileSystemEntry[]>((resolve, reject) => reader.readEntries(resolve, reject));
        if (some.length === 0) return all;
        all.push(...some);
    }
}
