<?php

declare(strict_types=1);

namespace App\Register\Table;

use App\People\Queries\PeopleLists;
use App\Register\Queries\RegisterLists;
use Sundial\Register\Criticality;
use Sundial\Register\LifeState;

/** What the table of assets can be filtered by, and what many of them can be set to at once. */
final class TableChoices
{
    private const NEARNESS = ['late', 'due', 'near', 'in hand', 'clear'];

    /** @var array<string, array<int|string, string>>|null */
    private ?array $lists = null;

    public function __construct(private readonly RegisterLists $register, private readonly PeopleLists $people)
    {
    }

    /** @return list<FieldChoice> but for lists of which the site has nothing */
    public function filters(int $siteId): array
    {
        $lists = $this->lists($siteId);

        return array_values(array_filter([
            new FieldChoice('class', 'Class', $lists['classes']),
            new FieldChoice('place', 'Place', $lists['places']),
            new FieldChoice('team', 'Team', $lists['teams']),
            new FieldChoice('supplier', 'Supplier', $lists['suppliers']),
            new FieldChoice('centre', 'Cost centre', $lists['centres']),
            new FieldChoice('near', 'Nearness', [
                ...array_combine(self::NEARNESS, self::NEARNESS),
                'none' => 'no schedule',
                'down' => 'down',
            ]),
            FieldChoice::ofWords('life', 'Life state', array_column(LifeState::cases(), 'value')),
            FieldChoice::ofWords('criticality', 'Criticality', Criticality::letters()),
        ], static fn (FieldChoice $one): bool => $one->options !== []));
    }

    /** @return list<FieldChoice> */
    public function settable(int $siteId): array
    {
        $lists = $this->lists($siteId);
        // An asset is retired by itself, as it is asked what becomes of its work.
        $states = array_values(array_filter(
            array_column(LifeState::cases(), 'value'),
            static fn (string $state): bool => $state !== LifeState::Retired->value,
        ));

        return [
            new FieldChoice('team_id', 'team', $lists['teams']),
            new FieldChoice('cost_centre_id', 'cost centre', $lists['centres']),
            new FieldChoice('supplier_id', 'supplier', $lists['suppliers']),
            new FieldChoice('class_id', 'class', $lists['classes'], mayBeEmpty: false),
            FieldChoice::ofWords('criticality', 'criticality', Criticality::letters(), mayBeEmpty: false),
            FieldChoice::ofWords('life_state', 'life state', $states, mayBeEmpty: false),
        ];
    }

    /** @return array<string, array<int|string, string>> */
    private function lists(int $siteId): array
    {
        return $this->lists ??= [
            'classes' => $this->register->classes()->pluck('name', 'id')->all(),
            'places' => $this->register->places($siteId)->all(),
            'teams' => $this->people->teams($siteId)->pluck('name', 'id')->all(),
            'suppliers' => $this->people->supplierNames()->all(),
            'centres' => $this->people->costCentres()->pluck('code', 'id')->all(),
        ];
    }
}
