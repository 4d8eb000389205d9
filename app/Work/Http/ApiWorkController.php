<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Api\ApiSites;
use App\Platform\Writing\Typed;
use App\Register\Queries\AssetByLabel;
use App\Work\Actions\Requests\ReportFault;
use App\Work\Api\WorkShape;
use App\Work\Inputs\ReportInput;
use App\Work\Models\WorkOrder;
use App\Work\Queries\WorkAsked;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderState;
use Sundial\Work\Request\HowSoon;
use Sundial\Work\Request\RequestState;

/** Orders and requests, for programs. */
final class ApiWorkController
{
    public function __construct(
        private readonly ApiSites $sites,
        private readonly WorkShape $shape,
        private readonly WorkAsked $asked,
    ) {
    }

    public function orders(Request $request): JsonResponse
    {
        $given = $request->validate([
            'site' => ['string'],
            'tag' => ['string', 'max:40'],
            'state' => ['in:'.implode(',', array_column(OrderState::cases(), 'value'))],
            'after' => ['integer'],
            'limit' => ['integer', 'between:1,500'],
        ]);
        $limit = (int) ($given['limit'] ?? 100);
        $sites = $this->sites->listed(Right::SeePlant, $given['site'] ?? null);
        $orders = $this->asked->orders($sites, $given, $limit + 1);

        return new JsonResponse([
            'data' => $orders->take($limit)->map($this->shape->order(...))->values(),
            'next' => $orders->count() > $limit
                ? '/api/v1/orders?'.http_build_query(['after' => $orders[$limit - 1]->id] + $given)
                : null,
        ]);
    }

    public function order(WorkOrder $order): JsonResponse
    {
        return new JsonResponse($this->shape->whole($order));
    }

    public function requests(Request $request): JsonResponse
    {
        $given = $request->validate([
            'site' => ['string'],
            'state' => ['in:'.implode(',', array_column(RequestState::cases(), 'value'))],
            'after' => ['integer'],
            'limit' => ['integer', 'between:1,500'],
        ]);
        $limit = (int) ($given['limit'] ?? 100);
        $sites = $this->sites->listed(Right::SeePlant, $given['site'] ?? null);
        $requests = $this->asked->requests($sites, $given, $limit + 1);

        return new JsonResponse([
            'data' => $requests->take($limit)->map($this->shape->request(...))->values(),
            'next' => $requests->count() > $limit
                ? '/api/v1/requests?'.http_build_query(['after' => $requests[$limit - 1]->id] + $given)
                : null,
        ]);
    }

    /** A machine or a program reports a fault, in the name of whoever owns its token. */
    public function report(Request $request, ReportFault $report, AssetByLabel $find): JsonResponse
    {
        $site = $this->sites->named(Typed::word($request, 'site'));
        $tag = Typed::word($request, 'tag');
        $asset = $find($site->id, $tag) ?? throw InvalidInput::because(
            'no_asset',
            'tag',
            "There is no asset “{$tag}” at this site.",
            $tag,
        );
        Gate::authorize('view', $asset);
        $soon = HowSoon::tryFrom(Typed::word($request, 'how_soon')) ?? throw InvalidInput::because(
            'no_choice',
            'how_soon',
            'Say how soon it is wanted: '.implode(', ', array_column(HowSoon::cases(), 'value')).'.',
        );
        $symptom = trim(Typed::word($request, 'symptom'));
        $input = ReportInput::of(
            $asset,
            $symptom === '' ? null : mb_substr($symptom, 0, 60),
            mb_substr(Typed::word($request, 'what'), 0, 1000),
            $request->user()->name,
        );
        [$made] = $report($request->user()->actor(), $input->wanted($soon));

        return new JsonResponse($this->shape->request($made->load(['asset', 'location', 'order'])), 201, [
            'Location' => '/api/v1/requests',
        ]);
    }
}
