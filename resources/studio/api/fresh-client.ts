import { QueryClient, type InvalidateQueryFilters, type QueryKey } from '@tanstack/vue-query';

/**
 * A first answer on its way when something is changed was put together before, or half before. The library takes it
 * for what was asked anew (https://tanstack.com/query/latest/docs/reference/QueryClient#queryclientinvalidatequeries);
 * here it is asked for again once it came.
 */
export class FreshClient extends QueryClient {
    override async invalidateQueries<Key extends QueryKey = QueryKey>(
        filters: InvalidateQueryFilters<Key> | (() => InvalidateQueryFilters<Key>) = {},
        options: Parameters<QueryClient['invalidateQueries']>[1] = {},
    ): Promise<void> {
        const first = this.getQueryCache()
            .findAll(typeof filters === 'function' ? filters() : filters)
            .filter(({ state }) => state.data === undefined && state.fetchStatus === 'fetching');
        await super.invalidateQueries(filters, options);
        if (first.length === 0) return;
        await Promise.allSettled(first.flatMap(({ promise }) => promise ?? []));
        await super.invalidateQueries({ predicate: (query) => first.includes(query) }, options);
    }
}
