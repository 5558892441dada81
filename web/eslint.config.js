import hooks from 'eslint-plugin-react-hooks'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['src/api/schema.gen.ts'] },
  ...ts.configs.recommended,
  hooks.configs.flat['recommended-latest'],
  {
    rules: {
      'max-lines': ['error', { max: 320, skipBlankLines: true }],
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
)
