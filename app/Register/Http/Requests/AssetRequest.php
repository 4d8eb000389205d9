<?php

declare(strict_types=1);

namespace App\Register\Http\Requests;

use App\Platform\Access\Rights;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Platform\Writing\FieldRules;
use App\Platform\Writing\Typed;
use App\Register\Inputs\AssetFacts;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Access\Right;
use Sundial\Register\RegisterFile;
use Sundial\Support\Money;

/** The form of an asset: the few fields of a new one, or all of one that stands. */
final class AssetRequest extends FormRequest
{
    private const NEW = ['tag', 'name', 'class_id', 'stands'];

    /** @return array<string, list<mixed>> */
    public function rules(CurrentSite $site): array
    {
        $fields = FieldRules::from(...RegisterFile::columns([], [], [], []));
        $rules = [
            'tag' => [...$fields->of('tag'), 'regex:/^\S+$/'],
            'name' => ['required', ...$fields->of('name')],
            'class_id' => ['required', 'integer', 'exists:equipment_classes,id'],
            'stands' => ['required', ...$fields->of('place')],
            'criticality' => ['required', ...$fields->of('criticality')],
            'life_state' => ['required', ...$fields->of('life_state')],
            'team_id' => ['nullable', OnSite::record('teams', $site->id(), 'team')],
            'supplier_id' => ['nullable', 'integer', 'exists:suppliers,id'],
            'cost_centre_id' => ['nullable', 'integer', 'exists:cost_centres,id'],
        ] +
            $fields->only(
                'make',
                'model',
                'serial',
                'in_service_on',
                'notes',
                'purchased_on',
                'warranty_until',
            );

        return $this->isNew() ? array_intersect_key($rules, array_flip(self::NEW)) : $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'tag.regex' => 'A tag is written without spaces, such as LM-14.',
            'stands.required' => 'Say where it stands: the tag of a location or of another asset.',
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'class_id' => 'class',
            'stands' => 'place',
            'team_id' => 'team',
            'supplier_id' => 'supplier',
            'cost_centre_id' => 'cost centre',
            'purchased_on' => 'date',
            'warranty_until' => 'date',
        ];
    }

    public function said(): AssetFacts
    {
        $money = $this->isNew() ? [] : $this->money();

        return AssetFacts::of($this->validated() + ['extra' => $this->extra()] + $money);
    }

    private function isNew(): bool
    {
        return $this->route('asset') === null;
    }

    /** @return array<string, int|null> cents, where the person sees costs at all */
    private function money(): array
    {
        $money = [];
        foreach (Rights::has(Right::SeeCosts) ? ['purchase', 'replacement'] : [] as $price) {
            $typed = trim(Typed::word($this, $price));
            $money["{$price}_cents"] = $typed === '' ? null : Money::parse($typed, $price);
        }

        return $money;
    }

    /** @return array<string> what was typed into extra fields, by field */
    private function extra(): array
    {
        $extra = $this->input('extra');

        return array_map(
            static fn (mixed $typed): string => is_scalar($typed) ? (string) $typed : '',
            is_array($extra) ? $extra : [],
        );
    }
}
