<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Inputs\MethodInput;
use App\Planning\Methods\RevisionContent;
use App\Planning\Models\Method;
use App\Planning\Queries\RevisionToChange;
use App\Platform\Audit\Actor;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Method\NeedLine;
use Sundial\Planning\Method\NeedText;
use Sundial\Support\InvalidInput;

/**
 * Ties a part to a method: each visit takes so many of it from the next order on. What is in force is never edited;
 * its next revision differs by that part alone, and is put in force at once.
 */
final readonly class TiePart
{
    public function __construct(private SaveMethod $save, private RevisionToChange $revision)
    {
    }

    /**
     * @param  string  $line  as the parts of a method are written: "P-0117 x 2"
     */
    public function __invoke(Actor $by, Method $method, string $line): NeedLine
    {
        return DB::transaction(function () use ($by, $method, $line): NeedLine {
            $part = NeedText::parts($line)[0] ?? throw InvalidInput::because(
                'missing',
                'parts',
                'Name the part by its number, and how many: “P-0117 x 2”.',
            );
            $method = Method::query()->lockForUpdate()->findOrFail($method->id);
            $content = RevisionContent::of(($this->revision)($method))->taking($part);
            ($this->save)($by, $method, MethodInput::revised($method, $content, "takes {$line}"));

            return $part;
        });
    }
}
