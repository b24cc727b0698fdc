import { z } from "zod";
import { PARAMS, type ParamName } from "./params.ts";
import type { AnyRoute, Method } from "./route.ts";

type Json = Readonly<Record<string, unknown>>;

/** A schema as JSON Schema 2020-12, the dialect of OpenAPI 3.1, for what is sent. */
function jsonSchema(schema: z.ZodType): Json {
  const { $schema: _, ...rest } = z.toJSONSchema(schema, { io: "input", unrepresentable: "any" });
  return rest;
}

const ERROR: Json = {
  description: "A refusal: what happened, what to do next, and the fields at fault.",
  content: {
    "application/json": {
      schema: {
        type: "object",
        required: ["error"],
        properties: {
          error: {
            type: "object",
            required: ["code", "message", "hint", "fields"],
            properties: {
              code: { type: "string" },
              message: { type: "string" },
              hint: { type: "string" },
              fields: {
                type: "array",
                items: {
                  type: "object",
                  required: ["field", "message"],
                  properties: { field: { type: "string" }, message: { type: "string" } },
                },
              },
            },
          },
        },
      },
    },
  },
};

const paramNames = (path: string): ParamName[] => [...path.matchAll(/:(\w+)/g)].map(([, name]) => name as ParamName);

function parameters(path: string, { query }: AnyRoute): Json[] {
  const inPath = paramNames(path).map((name) => ({
    name,
    in: "path",
    required: true,
    description: `The ${PARAMS[name].names}.`,
    schema: jsonSchema(PARAMS[name].schema),
  }));
  if (!query) return inPath;
  const { properties = {}, required = [] } = jsonSchema(query) as {
    readonly properties?: Readonly<Record<string, Json>>;
    readonly required?: readonly string[];
  };
  const inQuery = Object.entries(properties).map(([name, schema]) => ({
    name,
    in: "query",
    required: required.includes(name),
    schema,
  }));
  return [...inPath, ...inQuery];
}

function operation(method: Method, path: string, route: AnyRoute): Json {
  const { summary, answers, body, status = 200 } = route;
  const isFile = answers?.endsWith("file") ?? false;
  const success = answers
    ? { description: `Answers ${answers}.`, ...(!isFile && { content: { "application/json": { schema: {} } } }) }
    : { description: "Done; the answer is empty." };
  return {
    operationId: [method.toLowerCase(), ...path.split(/[/.:]+/).filter((part) => part !== "" && part !== "api")].join(
      "-",
    ),
    summary,
    tags: [path.split("/")[2]],
    parameters: parameters(path, route),
    ...(body && { requestBody: { required: true, content: { "application/json": { schema: jsonSchema(body) } } } }),
    responses: { [answers ? status : 204]: success, "4XX": ERROR, "5XX": ERROR },
  };
}

/** The map of routes as an OpenAPI 3.1 description. Source of the format: OpenAPI Specification 3.1.0. */
export function openApi(routes: Readonly<Record<string, AnyRoute>>): Json {
  const paths: Record<string, Record<string, Json>> = {};
  for (const [key, route] of Object.entries(routes)) {
    const [method, path = ""] = key.split(" ") as [Method, string];
    const address = path.replace(/:(\w+)/g, "{$1}");
    paths[address] = { ...paths[address], [method.toLowerCase()]: operation(method, path, route) };
  }
  return {
    openapi: "3.1.0",
    info: {
      title: "Zip Step",
      version: "1",
      description:
        "Everything the screens do, they do by these endpoints. Nothing is asked of the network; learners are known by nicknames alone.",
      license: { name: "MIT", identifier: "MIT" },
    },
    servers: [{ url: "/" }],
    paths,
  };
}
