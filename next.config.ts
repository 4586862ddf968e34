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
  headers: () =>
    Promise.resolve([
      {
        source: '/:path*',
        headers: [
          { key: 'X-Content-Type-Options', value: 'nosniff' },
          { key: 'X-Frame-Options', value: 'DENY' },
          { key: 'Referrer-Policy', value: 'same-origin' },
        ],
      },
    ]),
};

export default config;
