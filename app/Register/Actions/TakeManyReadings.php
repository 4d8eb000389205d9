<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Register\Models\Reading;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Support\SundialException;

/** Takes many readings, all of them or none: whatever is wrong is named line by line. */
final readonly class TakeManyReadings
{
    /**
     * @param  list<mixed>  $lines
     * @param  callable(array<string, mixed>): Reading  $take  one line
     * @return list<Reading>
     */
    public function __invoke(array $lines, callable $take): array
    {
        return DB::transaction(static function () use ($lines, $take): array {
            [$taken, $errors] = [[], []];
            foreach ($lines as $i => $line) {
                try {
                    $taken[] = $take(is_array($line) ? $line : []);
                } catch (SundialException $e) {
                    $errors["readings.{$i}.{$e->field()}"][] = $e->getMessage();
                }
            }

            return $errors === [] ? $taken : throw ValidationException::withMessages($errors);
        });
    }
}
