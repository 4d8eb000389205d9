<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Models\User;
use App\People\Queries\PeopleOf;
use App\Platform\Files\Pdf;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\SiteDays;
use App\Work\Actions\Contract\AcceptContract;
use App\Work\Actions\Contract\OrderFromContractor;
use App\Work\Actions\Contract\ReportContract;
use App\Work\Models\Contract;
use App\Work\Models\WorkOrder;
use App\Work\Pages\ContractorsPage;
use App\Work\Queries\Contracts;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Sundial\Costing\WorkedTime;
use Sundial\Support\InvalidInput;

/** Orders to contractors, and the private address by which they report. */
final class ContractController
{
    public function __construct(private readonly CurrentSite $site, private readonly Contracts $contracts)
    {
    }

    public function show(Request $request, WorkOrder $order, ContractorsPage $page): Page
    {
        $this->site->enter($order->site_id);

        return Page::in('work', "Contractors of {$order->label()}")
            ->sheet('work.contract.sheet', $page($order, $request->user()->id))
            ->withoutHorizon();
    }

    public function order(
        Request $request,
        WorkOrder $order,
        OrderFromContractor $place,
        PeopleOf $people,
    ): RedirectResponse {
        $names = $people->names($order->site_id);
        $given = $request->validate([
            'supplier' => ['required', 'integer'],
            'host' => ['required', 'integer', Rule::in($names->keys()->all())],
            'note' => ['nullable', 'string', 'max:1000'],
        ], ['host.in' => 'Choose somebody of this site.']);
        [$contract, $secret] = $place(
            $request->user()->actor(),
            $order,
            (int) $given['supplier'],
            (new User())->forceFill(['id' => (int) $given['host']]),
            $given['note'] ?? null,
        );

        return redirect("/orders/{$order->id}/contractors")
            ->with('said', "{$contract->label()} is ordered. Give them the address below: it is shown once.")
            ->with('address', $request->getSchemeAndHttpHost()."/contract/{$secret}");
    }

    public function accept(
        Request $request,
        WorkOrder $order,
        Contract $contract,
        AcceptContract $accept,
    ): RedirectResponse {
        abort_unless($contract->order_id === $order->id, 404);
        $accept($request->user()->actor(), $contract);

        return redirect("/orders/{$order->id}/contractors")->with('said', "{$contract->label()} is accepted.");
    }

    public function pdf(WorkOrder $order, Contract $contract, ContractorsPage $page): Response
    {
        abort_unless($contract->order_id === $order->id, 404);
        $this->site->enter($order->site_id);

        return Pdf::response($contract->label(), 'work.contract.pdf', $page->paper($contract));
    }

    /** Without an account: whoever holds the secret address. */
    public function form(string $secret, SiteDays $days): View
    {
        $contract = $this->find($secret);
        $this->site->show($days->site($contract->site_id));
        $contract->load(['supplier', 'host', 'order.asset', 'order.location']);

        return view('work.contract.report', [
            'title' => $contract->label(),
            'contract' => $contract,
            'site' => $days->site($contract->site_id),
            'secret' => $secret,
        ]);
    }

    public function report(Request $request, string $secret, ReportContract $report): RedirectResponse
    {
        $contract = $this->find($secret);
        $given = $request->validate([
            'reporter' => ['required', 'string', 'max:80'],
            'hours' => ['required', 'string', 'max:20'],
            'report' => ['required', 'string', 'max:2000'],
        ], [
            'reporter.required' => 'Give your name.',
            'report.required' => 'Say what was done.',
            'hours.required' => 'Say how long all of you worked together.',
        ]);
        $minutes = WorkedTime::minutes($given['hours'], 'hours');
        if ($minutes > 60 * 10000) {
            throw InvalidInput::because('too_long', 'hours', 'That is more than ten thousand hours.');
        }
        $report($contract, trim($given['reporter']), trim($given['report']), $minutes);

        return redirect("/contract/{$secret}")->with('said', 'Thank you. It is reported.');
    }

    private function find(string $secret): Contract
    {
        return $this->contracts->bySecret($secret) ?? abort(404);
    }
}
