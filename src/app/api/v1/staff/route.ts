import { listDemonstrators } from '@/server/classStaff';
import { route } from '@/server/route';

export const GET = route('GET /api/v1/staff', async () => Response.json(await listDemonstrators()));
