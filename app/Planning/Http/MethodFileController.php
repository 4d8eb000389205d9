<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\Planning\Actions\SaveMethod;
use App\Planning\Inputs\MethodInput;
use App\Planning\Methods\MethodFile;
use App\Planning\Methods\MethodRules;
use App\Planning\Methods\RevisionContent;
use App\Planning\Models\Method;
use App\Planning\Models\MethodStep;
use App\Planning\Queries\PlanningLists;
use App\Platform\Files\Table;
use App\Platform\Writing\Typed;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Validator;
use Sundial\Support\InvalidInput;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Methods out as JSON and their steps as CSV, and in again: always as a draft. */
final class MethodFileController
{
    public function __construct(private readonly PlanningLists $planning)
    {
    }

    public function json(Method $method): JsonResponse
    {
        $revision = $this->planning->toTell($method);

        return (new JsonResponse(
            MethodFile::json($method, $revision),
            200,
            [],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT,
        ))->header('Content-Disposition', "attachment; filename=\"method-{$method->code}.json\"");
    }

    public function steps(Method $method): StreamedResponse
    {
        $revision = $this->planning->toTell($method);

        return Table::stream(
            'csv',
            "steps-{$method->code}",
            MethodFile::COLUMNS,
            $revision->steps->map(
                static fn (MethodStep $step): array => array_map(
                    static fn (mixed $value): mixed => is_bool($value) ? ($value ? 'yes' : '') : $value,
                    array_values(MethodFile::step($step)),
                ),
            ),
        );
    }

    /** A whole method; where one of its code stands, the file becomes its draft. */
    public function import(Request $request, SaveMethod $save): RedirectResponse
    {
        $given = MethodFile::read($this->content($request));
        $standing = $this->planning->methodByCode(Typed::text($given, 'code'));

        return $this->keep($request, $save, $standing, $given);
    }

    /** The steps of a method; what else it says stays. */
    public function importSteps(Request $request, Method $method, SaveMethod $save): RedirectResponse
    {
        $steps = array_map(
            static fn (array $step): array => [
                'each_asset' => in_array(strtolower($step['each_asset'] ?? ''), ['yes', '1', 'true', 'each'], true)
                    ? '1'
                    : '',
            ] + $step,
            MethodFile::readSteps($this->content($request)),
        );
        $revision = $this->planning->toChange($method);

        return $this->keep(
            $request,
            $save,
            $method,
            ['steps' => $steps] +
                $method->only(['code', 'name', 'class_id']) +
                RevisionContent::of($revision)->all(),
        );
    }

    /** @param  array<string, mixed>  $given */
    private function keep(Request $request, SaveMethod $save, ?Method $method, array $given): RedirectResponse
    {
        $check = Validator::make($given, MethodRules::for($method), MethodRules::messages(), MethodRules::names());
        if ($check->fails()) {
            throw InvalidInput::because(
                'not_taken',
                'file',
                'Nothing was taken from the file. '.implode(' ', array_slice($check->errors()->all(), 0, 5)),
            );
        }
        $kept = $save(
            $request->user()->actor(),
            $method,
            MethodInput::of($check->validated()),
            $method?->version,
            true,
        );

        return redirect("/methods/{$kept->id}")->with(
            'said',
            $kept->draft !== null
                ? "{$kept->name} was read from the file and is kept as a draft."
                : "{$kept->name} says the same as the file; nothing changed.",
        );
    }

    private function content(Request $request): string
    {
        $request->validate(
            ['file' => ['required', 'file', 'max:2048']],
            [
                'file.required' => 'Choose a file first.',
                'file.max' => 'The file is larger than 2 MB; a method is smaller.',
            ],
        );
        $file = $request->file('file');

        return $file instanceof UploadedFile ? (string) file_get_contents($file->getPathname()) : '';
    }
}
