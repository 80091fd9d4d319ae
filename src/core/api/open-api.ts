import { z } from 'zod';
import { CaseFile } from '@/core/exchange';
import { OPERATIONS, type Operation } from './operations';

/** JSON Schema (2020-12) of a shape as it comes in, without the dialect line. */
function schemaOf(shape: z.ZodType): Record<string, unknown> {
  const { $schema: _dialect, ...schema } = z.toJSONSchema(shape, { io: 'input' }) as Record<string, unknown>;
  return schema;
}

/**
 * The description of the interface for programs, OpenAPI 3.1, made from the schemas that the handlers
 * answer by.
 */
export function openApi(): Record<string, unknown> {
  const schemas: Record<string, unknown> = { CaseFile: schemaOf(CaseFile) };
  const paths: Record<string, Record<string, unknown>> = {};
  for (const op of OPERATIONS) {
    for (const { schema } of Object.values(op.answers))
      if (schema) schemas[schema.name] ??= schemaOf(schema.of);
    (paths[op.path] ??= {})[op.method] = describe(op);
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Vantle',
      version: '1',
      description:
        'Past cases of a repair shop: finding them, guiding by them, giving them out and taking them in.',
    },
    paths,
    components: { schemas },
  };
}

function describe(op: Operation): Record<string, unknown> {
  const parameters = Object.entries(op.params).map(([name, shape]) => {
    const { description, ...schema } = schemaOf(shape);
    const inPath = op.path.includes(`{${name}}`);
    return {
      name,
      in: inPath ? 'path' : 'query',
      required: inPath,
      ...(description ? { description } : {}),
      schema,
    };
  });
  return {
    operationId: op.id,
    summary: op.summary,
    ...(parameters.length ? { parameters } : {}),
    ...(op.body
      ? {
          requestBody: {
            required: true,
            description: op.body.about,
            content: Object.fromEntries(
              Object.entries(op.body.types).map(([type, schema]) => [type, { schema }]),
            ),
          },
        }
      : {}),
    responses: Object.fromEntries(
      Object.entries(op.answers).map(([status, { about, type, schema }]) => [
        status,
        {
          description: about,
          content: {
            [type]: {
              schema: schema ? { $ref: `#/components/schemas/${schema.name}` } : { type: 'string' },
            },
          },
        },
      ]),
    ),
  };
}

/** JSON Schema of the case file, as it is kept in `docs/formats`. */
export function caseFileSchema(): Record<string, unknown> {
  return { ...z.toJSONSchema(CaseFile, { io: 'input' }), title: 'Vantle case file' };
}
