<?php

declare(strict_types=1);

namespace App\Platform\Frame;

/** The post whose shadow turns with the state of an order, as SVG; a list draws sixty of them. */
final class Post
{
    private const SHADOWS = ['planned' => 12, 'approved' => 30, 'done' => 70, 'closed' => 88];

    public static function svg(string $state, bool $large = false): string
    {
        $size = $large ? 'width="30" height="22"' : 'width="22" height="16"';
        $shadow = isset(self::SHADOWS[$state])
            ? '<line class="shadow" x1="50" y1="58" x2="'.self::SHADOWS[$state].'" y2="58"/>'
            : '';
        $class = ['draft' => 'hollow', 'under way' => 'on', 'on hold' => 'dashed'][$state] ?? 'full';
        $post =
            $state === 'cancelled'
                ? '<path class="full" d="M30,58 L88,48 L88,58 Z"/>'
                : "<path class=\"{$class}\" d=\"M40,60 L50,8 L60,60 Z\"/>";

        return "<svg class=\"post\" {$size} viewBox=\"0 0 100 70\" aria-hidden=\"true\"><line class=\"ground\" ".
            "x1=\"6\" y1=\"62\" x2=\"94\" y2=\"62\"/>{$shadow}{$post}</svg>";
    }
}
