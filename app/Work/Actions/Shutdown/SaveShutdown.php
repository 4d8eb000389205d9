<?php

declare(strict_types=1);

namespace App\Work\Actions\Shutdown;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Sites\SiteDays;
use App\Platform\Writing\Versioned;
use App\Work\Inputs\ShutdownInput;
use App\Work\Models\Shutdown;
use App\Work\Orders\Numbers;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Work\Shutdown\ScopeDay;

/** Opens a shutdown, or changes what was said of it. */
final readonly class SaveShutdown
{
    public function __construct(private SiteDays $days, private Audit $audit)
    {
    }

    /** Refused: nothing that stands, one that is over, and another day of its scope once that has passed. */
    public function __invoke(
        Actor $by,
        int $siteId,
        ShutdownInput $input,
        ?Shutdown $shutdown = null,
        ?int $version = null,
    ): Shutdown {
        return DB::transaction(function () use ($by, $siteId, $input, $shutdown, $version): Shutdown {
            $isNew = $shutdown === null;
            $shutdown = $isNew
                ? new Shutdown(['site_id' => $siteId, 'number' => Numbers::take('shutdowns')])
                : Versioned::lock($shutdown, $version);
            $this->check($shutdown, $input);
            $shutdown->fill([
                'title' => $input->title,
                'from_at' => $input->window->from->format('Y-m-d H:i:s'),
                'to_at' => $input->window->to->format('Y-m-d H:i:s'),
                'scope_on' => $input->scopeOn === null ? null : (string) $input->scopeOn,
                'about' => $input->about,
            ]);
            $changes = $isNew ? [] : array_map(
                static fn (string $key): array => [$shutdown->getOriginal($key), $shutdown->getAttribute($key)],
                array_combine($keys = array_keys($shutdown->getDirty()), $keys),
            );
            unset($changes['version']);
            $isNew && $shutdown->save();
            $stand = array_unique(array_column($input->standing, 'id'));
            $stood = $isNew ? [] : $shutdown->standing()->pluck('assets.id')->all();
            $isSame = array_diff($stand, $stood) === [] && array_diff($stood, $stand) === [];
            if (! $isNew && $changes === [] && $isSame) {
                return $shutdown->refresh();
            }
            $shutdown->save();
            $shutdown->standing()->sync(array_fill_keys($stand, ['site_id' => $siteId]));
            $did = ($isNew ? 'opened' : 'changed')." {$shutdown->label()}";
            $this->audit->record($by, $shutdown->subject(), $did, $changes);

            return $shutdown;
        });
    }

    private function check(Shutdown $shutdown, ShutdownInput $input): void
    {
        if ($shutdown->isOver()) {
            throw InvalidInput::because('over', 'form', "{$shutdown->label()} is over and is not changed any more.");
        }
        if ($input->standing === []) {
            throw InvalidInput::because('nothing_stands', 'standing', 'Name at least one asset that stands.');
        }
        if ($shutdown->exists) {
            $shutdown->scope()->checkMove(
                ScopeDay::on($input->scopeOn),
                $this->days->today($shutdown->site_id),
            );
        }
    }
}
