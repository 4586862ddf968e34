import type { NextConfig } from 'next';

const config: NextConfig = {
  distDir: process.env['MOZLE_DIST'] ?? '.next',
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  serverExternalPackages: ['mariadb', 'sequelize', '@node-rs/argon2', 'pino', 'umzug', 'openchemlib'],
  typescript: { tsconfigPath: 'tsconfig.build.json' },
  experimental: { authInterrupts: true, optimizePackageImports: ['react-bootstrap'] },
  sassOptions: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
};

export default config;
