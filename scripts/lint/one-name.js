/** @type {Map<string, string>} where each exported name stands */
const seen = new Map();

/**
 * No name is exported by two files: whoever searches for it finds one law. Holds where one run goes through all files, as `npm run check` does.
 * @type {import('eslint').Rule.RuleModule}
 */
export const oneName = {
  meta: { type: 'problem', schema: [], messages: { twice: '`{{name}}` is exported by {{file}} as well.' } },
  create(context) {
    const { filename } = context;
    /** @param {import('eslint').Rule.Node & { name: string }} id */
    const note = (id) => {
      const file = seen.get(id.name) ?? filename;
      seen.set(id.name, file);
      if (file !== filename) context.report({ node: id, messageId: 'twice', data: { name: id.name, file } });
    };
    return {
      'ExportNamedDeclaration > FunctionDeclaration > Identifier.id': note,
      'ExportNamedDeclaration > ClassDeclaration > Identifier.id': note,
      'ExportNamedDeclaration > VariableDeclaration > VariableDeclarator > Identifier.id': note,
    };
  },
};
