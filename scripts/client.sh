#!/usr/bin/env bash
# Writes docs/api/openapi.json and the TypeScript client types; with --check, says whether they are stale.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."

readonly DESCRIPTION=docs/api/openapi.json TYPES=resources/js/api/schema.d.ts
if [ "${1:-}" = --check ]; then
    fresh=$(mktemp -d)
    trap 'rm -rf "$fresh"' EXIT
    php artisan api:describe >"$fresh/openapi.json"
    npx --no-install openapi-typescript "$fresh/openapi.json" -o "$fresh/schema.d.ts" >/dev/null
    cmp -s "$fresh/openapi.json" "$DESCRIPTION" && cmp -s "$fresh/schema.d.ts" "$TYPES" || {
        echo 'The API description or the client types are stale: run ./lernfall client'
        exit 1
    }
    echo 'API description and client types are current'
else
    mkdir -p docs/api
    php artisan api:describe >"$DESCRIPTION"
    npx --no-install openapi-typescript "$DESCRIPTION" -o "$TYPES"
fi
