import type { NextConfig } from 'next';

const config: NextConfig = {
  distDir: process.env['MOZLE_DIST'] ?? '.next',
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  serverExternalPackages: [
    'mariadb',
    'sequelize',
    '@node-rs/argon2',
    'pino',
    'umzug',
    'openchemlib',
    'mammoth',
    'pdfjs-dist',
    'exceljs',
  ],
  // The tests check types beside the build, once.
  typescript: { tsconfigPath: 'tsconfig.build.json', ignoreBuildErrors: process.env['MOZLE_TYPES'] === 'checked' },
  experimental: { authInterrupts: true, optimizePackageImports: ['react-bootstrap'] },
  sassOptions: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
};

export default config;
