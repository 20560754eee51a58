/** For `npx drizzle-kit@0.31 generate`, which writes a migration from a changed schema; nothing else needs it. */
export default { dialect: 'sqlite', schema: './src/keeping/db/schema.ts', out: './src/keeping/db/migrations' }
