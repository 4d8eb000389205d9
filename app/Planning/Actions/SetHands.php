<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Methods\Hands;
use App\Planning\Models\Method;
use App\Planning\Queries\HandsOf;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;

/** Says which team, and who of it, does the work of a method at a site: its orders there begin in those hands. */
final readonly class SetHands
{
    public function __construct(private Audit $audit, private HandsOf $hands)
    {
    }

    public function __invoke(Actor $by, Method $method, int $siteId, Hands $hands): void
    {
        DB::transaction(function () use ($by, $method, $siteId, $hands): void {
            Method::query()->lockForUpdate()->findOrFail($method->id);
            $before = $this->hands->methods($siteId, $method->id)[$method->id] ?? new Hands(null, null);
            if ([$before->teamId, $before->personId] === [$hands->teamId, $hands->personId]) {
                return;
            }
            DB::table('method_hands')->updateOrInsert(
                ['method_id' => $method->id, 'site_id' => $siteId],
                ['team_id' => $hands->teamId, 'person_id' => $hands->personId],
            );
            $this->audit->record(
                $by,
                Subject::of('method', $method->id),
                "said who does {$method->name} at a site",
                Audit::difference(self::names($before), self::names($hands)),
            );
        });
    }

    /** @return array{team: string|null, person: string|null} */
    private static function names(Hands $hands): array
    {
        $name = static fn (string $table, ?int $id): ?string => $id === null
            ? null
            : (string) DB::table($table)->where('id', $id)->value('name');

        return ['team' => $name('teams', $hands->teamId), 'person' => $name('users', $hands->personId)];
    }
}
