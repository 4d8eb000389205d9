<?php

declare(strict_types=1);

namespace App\Stops\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Stops\Models\Line;
use App\Stops\Models\LineTablet;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Lets a tablet sign in at a line: of that line alone, by a secret that is shown once. */
final readonly class SignTabletIn
{
    public function __construct(private Audit $audit)
    {
    }

    /** @return string the secret */
    public function __invoke(Actor $by, Line $line, string $name): string
    {
        return DB::transaction(function () use ($by, $line, $name): string {
            $secret = Str::random(40);
            LineTablet::query()->create([
                'site_id' => $line->site_id,
                'line_id' => $line->id,
                'name' => $name,
                'secret' => LineTablet::hashed($secret),
            ]);
            $this->audit->record(
                $by,
                $line->subject(),
                "let the tablet “{$name}” sign in at {$line->loadMissing('asset')->asset->name}",
            );

            return $secret;
        });
    }
}
