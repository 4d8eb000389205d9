<?php

declare(strict_types=1);

namespace App\Platform;

use Illuminate\Database\Eloquent\Model;

/** Which records documents and expiry dates may hang on, and whose policy decides. Each capability tells its own. */
final class Subjects
{
    /** @var array<string, array{class-string<Model>, callable}> */
    private array $kinds = [];

    /**
     * @template T of Model
     *
     * @param  class-string<T>  $model  it has a policy with view and update
     * @param  callable(T): array{string, string}  $says  its name and its address
     */
    public function know(string $kind, string $model, callable $says): void
    {
        $this->kinds[$kind] = [$model, $says];
    }

    public function find(string $kind, int $id): ?Model
    {
        return isset($this->kinds[$kind]) ? $this->kinds[$kind][0]::query()->find($id) : null;
    }

    /** @return array{string, string} the name and the address of a record */
    public function says(string $kind, Model $record): array
    {
        return $this->kinds[$kind][1]($record);
    }
}
