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

/**
 * Ties parts to a method: each visit takes so many of them from the next order on. What is in force is never edited;
 * its next revision differs by these alone, and is put in force at once.
 */
final readonly class TiePart
{
    public function __construct(private SaveMethod $save, private RevisionToChange $revision)
    {
    }

    /**
     * @param  string  $text  as the parts of a method are written, a line each: "P-0117 x 2"
     * @return list<NeedLine> what is taken from now on
     */
    public function __invoke(Actor $by, Method $method, string $text): array
    {
        return DB::transaction(function () use ($by, $method, $text): array {
            $method = Method::query()->lockForUpdate()->findOrFail($method->id);
            $content = RevisionContent::of(($this->revision)($method));
            $parts = NeedText::parts($text);
            foreach ($parts as $part) {
                $content = $content->taking($part);
            }
            ($this->save)($by, $method, MethodInput::revised(
                $method,
                $content,
                mb_substr('takes '.str_replace("\n", ', ', NeedText::ofParts($parts)), 0, 250),
            ));

            return $parts;
        });
    }
}
