<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Platform\Api\Description;
use App\Platform\Frame\Page;
use Illuminate\Http\JsonResponse;

/** What the API can do, for machines and for people. */
final class ApiController
{
    public function description(Description $description): JsonResponse
    {
        return new JsonResponse(
            $description->document(),
            200,
            ['Cache-Control' => 'no-cache'],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT,
        );
    }

    public function page(Description $description): Page
    {
        return Page::in('me', 'API')->sheet('api.description', [
            'operations' => $description->operations(),
            'document' => $description->document(),
        ]);
    }
}
