<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Stores\Actions\LendTool;
use App\Stores\Actions\SaveTool;
use App\Stores\Actions\TakeToolBack;
use App\Stores\Http\Requests\ToolRequest;
use App\Stores\Models\Tool;
use App\Stores\Pages\ToolPage;
use App\Stores\Queries\ToolsOfSite;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The special tools of a site: where each is, who has it, who wants it. */
final class ToolController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function index(ToolsOfSite $tools): Page
    {
        return Page::in('stores', 'Special tools')->sheet('stores.tools.list', [
            'tools' => $tools->all($this->site->id(), $this->site->today()),
            'said' => $tools,
            'today' => $this->site->today(),
        ])->withoutHorizon();
    }

    public function show(Tool $tool, ToolPage $page): Page
    {
        return Page::in('stores', $tool->name)->sheet('stores.tools.sheet', $page($tool))->withoutHorizon();
    }

    public function store(ToolRequest $request, SaveTool $save): RedirectResponse
    {
        $tool = $save($request->user()->actor(), $this->site->id(), null, $request->said());

        return redirect("/tools/{$tool->id}")->with('said', "{$tool->name} is kept from now on.");
    }

    public function update(ToolRequest $request, Tool $tool, SaveTool $save): RedirectResponse
    {
        $save(
            $request->user()->actor(),
            $tool->site_id,
            $tool,
            $request->said($tool),
            $request->integer('version'),
        );

        return redirect("/tools/{$tool->id}")->with('said', "{$tool->name} is saved.");
    }

    public function lend(ToolRequest $request, Tool $tool, LendTool $lend): RedirectResponse
    {
        $loan = $lend($request->user()->actor(), $tool, $request->lentTo());

        return redirect("/tools/{$tool->id}")->with('said', "{$loan->to_who} has it.");
    }

    public function back(Request $request, Tool $tool, TakeToolBack $back): RedirectResponse
    {
        $given = $request->validate(['back_note' => ['nullable', 'string', 'max:250']], [], ['back_note' => 'remark']);
        $back($request->user()->actor(), $tool, $given['back_note'] ?? null);

        return redirect("/tools/{$tool->id}")->with('said', 'It is back.');
    }
}
