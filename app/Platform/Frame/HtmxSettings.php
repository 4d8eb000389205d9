<?php

declare(strict_types=1);

namespace App\Platform\Frame;

/** How htmx behaves in the frame: no styles or scripts of its own, no history of its own, and errors are shown. */
final readonly class HtmxSettings
{
    public static function json(): string
    {
        return json_encode(
            [
                'includeIndicatorStyles' => false,
                'allowEval' => false,
                'allowScriptTags' => false,
                'historyCacheSize' => 0,
                'refreshOnHistoryMiss' => false,
                'responseHandling' => [
                    ['code' => '204', 'swap' => false],
                    ['code' => '[23]..', 'swap' => true],
                    ['code' => '401', 'swap' => false],
                    ['code' => '[45]..', 'swap' => true, 'error' => true, 'target' => '#said'],
                ],
            ],
            JSON_THROW_ON_ERROR,
        );
    }
}
