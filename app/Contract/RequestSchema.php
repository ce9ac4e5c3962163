<?php

declare(strict_types=1);

namespace App\Contract;

use Illuminate\Foundation\Http\FormRequest;

/** What a request takes, as JSON Schema, read off the rules that it is held against. */
final readonly class RequestSchema
{
    /** Of requests that read their body by themselves. */
    private const FILES = ['picture' => 'UploadRequest'];

    public function __construct(private FormRequest $request)
    {
    }

    /**
     * @return array<string, mixed>
     */
    public function body(): array
    {
        $rules = method_exists($this->request, 'rules') ? (array) $this->request->rules() : [];
        $file = array_search(class_basename($this->request), self::FILES, true);
        $schema = ['type' => 'object', 'properties' => [], 'required' => []];
        $isForm = $file !== false;
        if ($isForm) {
            $schema['properties'][$file] = ['type' => 'string', 'contentMediaType' => 'application/octet-stream'];
            $schema['required'][] = $file;
        }
        foreach ($rules as $name => $of) {
            $said = array_values(array_filter((array) $of, is_string(...)));
            if (str_contains((string) $name, '.')) {
                continue;
            }
            $isForm = $isForm || in_array('file', $said, true);
            $schema['properties'][$name] = $this->property($said, $rules, (string) $name);
            if (array_intersect(['required', 'present'], $said) !== []) {
                $schema['required'][] = (string) $name;
            }
        }
        if ($schema['properties'] === []) {
            return ['content' => [$this->isPart() ? 'application/offset+octet-stream' : 'application/json' => ['schema' => $this->isPart() ? ['type' => 'string', 'contentMediaType' => 'application/octet-stream'] : ['type' => 'object']]]];
        }
        $schema['properties'] = (object) $schema['properties'];

        return ['required' => $schema['required'] !== [], 'content' => [$isForm ? 'multipart/form-data' : 'application/json' => ['schema' => array_filter($schema, static fn (mixed $part): bool => $part !== [])]]];
    }

    /**
     * @param  list<string>  $said  rules
     * @param  array<array-key, mixed>  $all
     * @return array<string, mixed>
     */
    private function property(array $said, array $all, string $name): array
    {
        $bound = static function (string $rule) use ($said): ?int {
            foreach ($said as $one) {
                if (preg_match("/^{$rule}:(\\d+)$/", $one, $found) === 1) {
                    return (int) $found[1];
                }
            }

            return null;
        };

        return array_filter(match (true) {
            in_array('file', $said, true) => ['type' => 'string', 'contentMediaType' => 'application/octet-stream'],
            in_array('integer', $said, true) => ['type' => 'integer', 'minimum' => $bound('min'), 'maximum' => $bound('max')],
            in_array('boolean', $said, true) => ['type' => 'boolean'],
            in_array('numeric', $said, true) => ['type' => 'number'],
            in_array('array', $said, true) => isset($all["{$name}.*"]) || $bound('max') !== null ? ['type' => ['array', 'object'], 'maxItems' => $bound('max')] : ['type' => 'object'],
            in_array('string', $said, true) => ['type' => 'string', 'maxLength' => $bound('max')],
            default => ['description' => 'As the studio sends it.'],
        }, static fn (mixed $value): bool => $value !== null);
    }

    private function isPart(): bool
    {
        return class_basename($this->request) === 'PartRequest';
    }
}
