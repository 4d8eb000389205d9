<?php

declare(strict_types=1);

namespace App\Platform\Api;

/** The description of the API (OpenAPI 3.1), put together from the files that the capabilities bring. */
final class Description
{
    /** @var list<string> */
    private array $files = [];

    public function add(string $file): void
    {
        $this->files[] = $file;
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $whole = [];
        foreach ([resource_path('api/common.json'), ...$this->files] as $file) {
            $whole = array_replace_recursive(
                $whole,
                (array) json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR),
            );
        }

        return $whole;
    }

    /**
     * @return list<array{method: string, path: string, does: array<string, mixed>}> its operations, as they stand
     *     in it
     */
    public function operations(): array
    {
        $operations = [];
        foreach ((array) $this->document()['paths'] as $path => $methods) {
            foreach ((array) $methods as $method => $does) {
                if (is_array($does) && $method !== 'parameters') {
                    $operations[] = [
                        'method' => strtoupper((string) $method),
                        'path' => (string) $path,
                        'does' => $does,
                    ];
                }
            }
        }

        return $operations;
    }
}
