<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Platform\Sites\Site;
use App\Work\Inputs\ShutdownInput;
use App\Work\Queries\NamedAssets;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\Shutdown\ShutdownWindow;

/** The form of a shutdown. */
final class ShutdownRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:160'],
            'from_at' => ['required', 'date_format:Y-m-d\TH:i'],
            'to_at' => ['required', 'date_format:Y-m-d\TH:i'],
            'standing' => ['required', 'string', 'max:2000'],
            'scope_on' => ['nullable', 'date_format:Y-m-d'],
            'about' => ['nullable', 'string', 'max:4000'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['from_at' => 'begin', 'to_at' => 'end', 'standing' => 'what stands', 'scope_on' => 'day of the scope'];
    }

    /** @throws InvalidInput no_window, or naming tags that are none of the site's */
    public function shutdown(Site $site, NamedAssets $named): ShutdownInput
    {
        $given = $this->validated();
        $window = ShutdownWindow::of(
            self::instant($site, $given['from_at']),
            self::instant($site, $given['to_at']),
        );
        try {
            $standing = $named->byTags($site->id, $given['standing']);
        } catch (InvalidInput $refusal) {
            throw InvalidInput::because($refusal->cause(), 'standing', $refusal->getMessage());
        }

        return ShutdownInput::of(trim($given['title']), $window, ...$standing)->with(
            isset($given['scope_on']) ? LocalDate::parse($given['scope_on'], 'scope_on') : null,
            $given['about'] ?? null,
        );
    }

    private static function instant(Site $site, string $local): DateTimeImmutable
    {
        return (new DateTimeImmutable($local, $site->zone()))->setTimezone(new DateTimeZone('UTC'));
    }
}
