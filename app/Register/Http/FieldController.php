<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Frame\Page;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Actions\MoveField;
use App\Register\Actions\SaveAsset;
use App\Register\Actions\SaveField;
use App\Register\Http\Requests\FieldRequest;
use App\Register\Inputs\AssetFacts;
use App\Register\Models\Asset;
use App\Register\Models\Field;
use App\Register\Queries\RegisterLists;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class FieldController
{
    public function __construct(private readonly RegisterLists $register)
    {
    }

    private function page(string $title): Page
    {
        return Page::in('setup', $title)->index('frame.setup-index', ['current' => 'fields']);
    }

    public function index(): Page
    {
        return $this->page('Extra fields')->sheet('register.fields.index', [
            'fields' => $this->register->fields(),
            'held' => $this->register->valuesByField(),
        ]);
    }

    public function create(Request $request): Page
    {
        return $this->page('New field')->sheet(
            'register.fields.form',
            $this->choices() + ['field' => null, 'held' => 0, 'for' => $request->integer('class') ?: null],
        );
    }

    public function edit(Field $field): Page
    {
        return $this->page($field->name)->sheet(
            'register.fields.form',
            $this->choices() + [
                'field' => $field,
                'held' => $this->register->valuesOf($field),
                'for' => null,
            ],
        );
    }

    /** @return array<string, mixed> */
    private function choices(): array
    {
        return [
            'classes' => $this->register->classes(),
            'units' => $this->register->units(),
        ];
    }

    public function save(
        FieldRequest $request,
        SaveField $save,
        FirstAnswer $once,
        ?Field $field = null,
    ): RedirectResponse {
        $said = $request->said();
        $version = $field === null ? null : $request->integer('version');

        return $once->redirect(static function () use ($save, $request, $field, $said, $version): array {
            $save($request->user()->actor(), $field, $said, $version);

            return ['/setup/fields', "Field {$said->rule->name} is saved."];
        });
    }

    public function move(Request $request, Field $field, MoveField $move): RedirectResponse
    {
        $move($request->user()->actor(), $field, $request->input('to') === 'up' ? -1 : 1);

        return redirect('/setup/fields');
    }

    /** One field of one asset, filled in place. */
    public function fill(Request $request, Asset $asset, Field $field, SaveAsset $save): RedirectResponse
    {
        abort_unless(Field::shown($asset->class_id)->whereKey($field->id)->exists(), 404);
        $save(
            $request->user()->actor(),
            $asset,
            $asset->site_id,
            AssetFacts::part(['extra' => [$field->id => Typed::word($request, "extra.{$field->id}")]]),
        );

        return redirect("/assets/{$asset->id}#facts")->with('said', "{$field->name} is saved.");
    }
}
