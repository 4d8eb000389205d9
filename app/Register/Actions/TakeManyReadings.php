<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Audit;
use App\Register\Events\ManyReadingsTaken;
use App\Register\Models\Reading;
use App\Register\Projections\ReadingsTogether;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Sundial\Support\SundialException;

/**
 * Takes many readings, all of them or none: whatever is wrong is named line by line. What follows from them is looked
 * at behind the page, once for each meter.
 */
final readonly class TakeManyReadings
{
    public function __construct(private ReadingsTogether $together, private Audit $audit)
    {
    }

    /**
     * @param  list<mixed>  $lines
     * @param  callable(array<string, mixed>): Reading  $take  one line
     * @return list<Reading>
     */
    public function __invoke(array $lines, callable $take): array
    {
        return DB::transaction(function () use ($lines, $take): array {
            [$taken, $errors] = [[], []];
            $each = static function () use ($lines, $take, &$taken, &$errors): void {
                foreach ($lines as $i => $line) {
                    try {
                        $taken[] = $take(is_array($line) ? $line : []);
                    } catch (SundialException $e) {
                        $errors["readings.{$i}.{$e->field()}"][] = $e->getMessage();
                    }
                }
            };
            $meters = $this->audit->together(fn (): array => $this->together->while($each));
            if ($errors !== []) {
                throw ValidationException::withMessages($errors);
            }
            event(new ManyReadingsTaken($meters));

            return $taken;
        });
    }
}
