#!/usr/bin/env bash
# Writes the schema of actions, the API description and the client types that follow from it.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
php artisan api:actions >docs/schemas/action.schema.json
php artisan api:describe >docs/openapi.json
npx openapi-typescript docs/openapi.json -o resources/js/api/schema.d.ts
