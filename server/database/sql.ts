import type postgres from 'postgres';

export type Sql = postgres.Sql<Record<string, never>>;
export type Transaction = postgres.TransactionSql<Record<string, never>>;
export type Query = Sql | Transaction;
