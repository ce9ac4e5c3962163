/** The walls of the studio and of the visitors' script: no import leads round, from file to file or from folder to folder. */
export default {
    forbidden: [
        {
            name: 'no-cycle-of-files',
            severity: 'error',
            from: {},
            to: { circular: true },
        },
        {
            name: 'no-cycle-of-folders',
            severity: 'error',
            scope: 'folder',
            from: {},
            to: { circular: true },
        },
    ],
    options: {
        doNotFollow: { path: 'node_modules' },
        includeOnly: '^resources/(studio|viewer)/',
        tsPreCompilationDeps: true,
        tsConfig: { fileName: 'tsconfig.json' },
        enhancedResolveOptions: { extensions: ['.ts', '.vue', '.js'] },
    },
};
