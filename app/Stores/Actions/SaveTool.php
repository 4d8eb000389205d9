<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use App\Stores\Inputs\ToolInput;
use App\Stores\Models\Tool;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Adds a special tool to a site, or changes what stands there of it. */
final readonly class SaveTool
{
    public function __construct(private Audit $audit)
    {
    }

    /** Refuses: taken. */
    public function __invoke(Actor $by, int $siteId, ?Tool $tool, ToolInput $said, ?int $version = null): Tool
    {
        return DB::transaction(function () use ($by, $siteId, $tool, $said, $version): Tool {
            $isNew = $tool === null;
            $tool = $isNew ? new Tool(['site_id' => $siteId]) : Versioned::lock($tool, $version);
            $same = Tool::query()
                ->where('site_id', $siteId)
                ->where('number', $said->number)
                ->whereKeyNot($tool->id ?? 0);
            if ($same->exists()) {
                throw InvalidInput::because('taken', 'number', "There is a tool {$said->number} already.");
            }
            $before = $isNew ? [] : $tool->only(array_keys($said->facts()));
            $tool->fill($said->facts());
            if (! Versioned::save($tool)) {
                return $tool;
            }
            $this->audit->record(
                $by,
                $tool->subject(),
                ($isNew ? 'added' : 'changed')." tool {$tool->number} {$tool->name}",
                $isNew ? [] : Audit::difference($before, $said->facts()),
            );

            return $tool;
        });
    }
}
