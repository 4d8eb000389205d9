<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Fields\FieldsOf;
use App\Platform\Fields\OfferField;
use App\Platform\Fields\RecordField;
use App\Platform\Fields\RetireField;
use App\Platform\Frame\Page;
use App\Platform\Http\Requests\FieldRequest;
use App\Platform\Writing\Seen;
use App\Stores\Actions\FillPartFields;
use App\Stores\Models\Part;
use App\Stores\Queries\PartIndex;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Register\FieldType;
use Sundial\Support\InvalidInput;

/** The fields that the plant adds to its parts, to all or to those of one class. */
final class PartFieldController
{
    private const KIND = 'part';

    public function index(FieldsOf $fields, PartIndex $parts): Page
    {
        return Page::in('setup', 'Fields of parts')
            ->index('frame.setup-index', ['current' => 'part-fields'])
            ->sheet('fields.setup', [
                'title' => 'Fields of parts',
                'says' => 'What the plant keeps of its parts beside what Sundial asks for.',
                'by' => '/setup/part-fields',
                'all' => 'all parts',
                'fields' => $fields->all(self::KIND),
                'kinds' => FieldType::typed(),
                'sorts' => $parts->classes(),
            ]);
    }

    public function add(FieldRequest $request, OfferField $offer, PartIndex $parts): RedirectResponse
    {
        $rule = $request->rule();
        $class = $request->onlyFor();
        if ($class !== null && ! $parts->classes()->contains($class)) {
            throw InvalidInput::because('no_class', 'only_for', "No part is of the class “{$class}”. Choose one.");
        }
        $offer($request->user()->actor(), self::KIND, $rule, $class);

        return redirect('/setup/part-fields')->with('said', "“{$rule->name}” stands on parts from now on.");
    }

    public function retire(Request $request, RecordField $partField, RetireField $retire): RedirectResponse
    {
        $partField->kind === self::KIND ? $retire($request->user()->actor(), $partField) : abort(404);

        return redirect('/setup/part-fields')->with('said', "“{$partField->name}” is asked for no more.");
    }

    public function fill(FieldRequest $request, Part $part, FillPartFields $fill): RedirectResponse
    {
        $fill($request->user()->actor(), $part, $request->typedIn(), Seen::in($request));

        return redirect("/parts/{$part->id}#fields")->with('said', 'It is filled in.');
    }
}
