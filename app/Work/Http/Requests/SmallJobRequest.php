<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\People\Models\User;
use App\People\Queries\PeopleOf;
use App\Platform\Sites\Site;
use App\Register\Queries\AssetByLabel;
use App\Stores\Queries\PartAsTyped;
use App\Work\Inputs\HoursWorked;
use App\Work\Inputs\PartUsed;
use App\Work\Inputs\SmallJob;
use App\Work\Models\StandingOrder;
use App\Work\Queries\StandingOrders;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Access\Right;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\UnitPrice;
use Sundial\Costing\WorkedMinutes;
use Sundial\Costing\WorkedTime;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** The form on which a small job is written down. */
final class SmallJobRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'standing' => ['required', 'integer'],
            'asset' => ['required', 'string', 'max:60'],
            'day' => ['required', 'date_format:Y-m-d'],
            'time' => ['required', 'string', 'max:20'],
            'person' => ['nullable', 'integer'],
            'note' => ['nullable', 'string', 'max:250'],
            'part' => ['nullable', 'string', 'max:120'],
            'quantity' => ['nullable', 'string', 'max:20'],
            'price' => ['nullable', 'string', 'max:20'],
        ];
    }

    public function standing(Site $site): StandingOrder
    {
        return app(StandingOrders::class)->ofSite($site->id)->find((int) $this->validated('standing'))
            ?? throw InvalidInput::because('unknown', 'standing', 'Choose one of the orders that are offered.');
    }

    /** @throws InvalidInput naming what is none of the site's, or not one's own to book */
    public function job(Site $site, User $me): SmallJob
    {
        $given = $this->validated();
        $asset = app(AssetByLabel::class)($site->id, $given['asset']) ?? throw InvalidInput::because(
            'no_asset',
            'asset',
            "This site has no asset with the tag or code “{$given['asset']}”.",
            $given['asset'],
        );
        $worked = new HoursWorked(
            $this->person($site, $me),
            WorkedMinutes::of(WorkedTime::minutes($given['time'], 'time')),
        );

        return SmallJob::on($asset, $worked, LocalDate::parse($given['day'], 'day'))
            ->with($given['note'] ?? null, $this->part($site->currency));
    }

    private function person(Site $site, User $me): User
    {
        $id = (int) ($this->validated('person') ?? $me->id);
        if ($id !== $me->id && ! $me->may(Right::WorkOnAnyOrder, $site->id)) {
            throw InvalidInput::because('others', 'person', 'You can book your own hours.');
        }

        return app(PeopleOf::class)->with(Right::WorkOnOwnOrders, $site->id)->firstWhere('id', $id)
            ?? throw InvalidInput::because('not_here', 'person', 'Choose somebody who works on orders at this site.');
    }

    private function part(string $currency): ?PartUsed
    {
        $typed = trim((string) $this->validated('part'));
        if ($typed === '') {
            return null;
        }
        $quantity = Quantity::parse((string) ($this->validated('quantity') ?? '1'), 'quantity');
        $price = trim((string) $this->validated('price'));
        $part = app(PartAsTyped::class)($typed);
        if ($part === null && $price === '') {
            throw InvalidInput::because(
                'no_part',
                'part',
                "The catalogue has no part “{$typed}”. Choose its number, or give what one cost.",
            );
        }

        return $part === null
            ? PartUsed::bought($typed, $quantity, UnitPrice::parse($price, 'price'))
            : PartUsed::ofPart($part, $quantity, $currency);
    }
}
