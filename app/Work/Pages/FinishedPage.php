<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\People\Models\User;
use App\People\Queries\PeopleOf;
use App\Planning\Queries\OrderTypes;
use App\Platform\Sites\Site;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Register\Models\Meter;
use App\Register\Queries\WhereByLabel;
use App\Stores\Queries\FitLine;
use App\Stores\Queries\FitsOf;
use App\Work\Queries\FailureWordsOf;
use App\Work\Queries\MetersOfSteps;
use Illuminate\Support\Collection;
use Sundial\Access\Right;
use Sundial\Work\OrderType;

/** The one form on which work is written down that is done already. */
final readonly class FinishedPage
{
    /** Rows for people: more of them are booked on the order itself. */
    private const ROWS = 3;

    public function __construct(
        private WhereByLabel $find,
        private PeopleOf $peopleOf,
        private OrderTypes $types,
        private FailureWordsOf $words,
        private FitsOf $fits,
        private MetersOfSteps $meters,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(Site $site, User $me, string $tag): array
    {
        $where = ($this->find)($site->id, $tag);
        $people = $this->peopleOf->with(Right::WorkOnOwnOrders, $site->id);

        return [
            'where' => $where,
            'types' => $this->types->offered(),
            'type' => OrderType::CORRECTIVE,
            'people' => $me->may(Right::WorkOnAnyOrder, $site->id) ? $people : $people->where('id', $me->id),
            'rows' => range(0, $me->may(Right::WorkOnAnyOrder, $site->id) ? self::ROWS - 1 : 0),
            'me' => $me->id,
            'mayClose' => $me->may(Right::ReopenOrders, $site->id),
            ...$this->about($where),
        ];
    }

    /** @return array{words: array<string, list<string>>, meters: Collection<int, Meter>, fits: list<FitLine>} */
    public function about(Asset|Location|null $where): array
    {
        $asset = $where instanceof Asset ? $where : null;

        return [
            'words' => ($this->words)($asset?->class_id),
            'meters' => $asset === null ? collect() : $this->meters->ofAsset($asset->id),
            'fits' => $asset === null ? [] : $this->fits->asset($asset->id),
        ];
    }
}
