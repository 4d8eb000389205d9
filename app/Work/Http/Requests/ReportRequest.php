<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Platform\Sites\Site;
use App\Platform\Writing\Typed;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use App\Work\Inputs\ReportInput;
use App\Work\Inputs\ReportPhoto;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Sundial\Files\PhotoMarks;
use Sundial\Work\Request\HowSoon;

/** The form with which somebody reports a fault. */
final class ReportRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'symptom' => ['nullable', 'string', 'max:60'],
            'what' => ['nullable', 'string', 'max:1000'],
            'how_soon' => ['required', Rule::enum(HowSoon::class)],
            'down' => ['nullable', 'in:0,1'],
            'down_since' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'reporter' => ['nullable', 'string', 'max:80'],
            'photo' => ['nullable', 'file', 'max:20480'],
            'spot' => ['nullable', 'regex:/^\d{1,4} \d{1,4}$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'how_soon.required' => 'Say how soon it is wanted.',
            'photo.max' => 'The photo is larger than 20 MB. Take a smaller one, or send the report without it.',
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'what' => 'what is wrong',
            'how_soon' => 'how soon',
            'reporter' => 'your name',
            'down_since' => 'since',
        ];
    }

    /**
     * Times are those of the site's clocks; without a time it stands since now.
     *
     * @param  string|null  $name  of whoever is logged in
     */
    public function said(Asset|Location $where, Site $site, ?string $name, DateTimeImmutable $now): ReportInput
    {
        $given = $this->validated();
        $symptom = trim((string) ($given['symptom'] ?? ''));
        $report = ReportInput::of(
            $where,
            $symptom === '' ? null : $symptom,
            (string) ($given['what'] ?? ''),
            $name ?? Typed::word($this, 'reporter'),
        )->wanted(HowSoon::from($given['how_soon']));
        if (($given['down'] ?? '0') !== '1') {
            return $report;
        }
        $since = isset($given['down_since'])
            ? (new DateTimeImmutable($given['down_since'], $site->zone()))->setTimezone(new DateTimeZone('UTC'))
            : $now;

        return $report->down(min($since, $now));
    }

    public function photo(): ?ReportPhoto
    {
        $file = $this->file('photo');
        if (! $file instanceof UploadedFile) {
            return null;
        }
        $spot = array_map(intval(...), explode(' ', Typed::word($this, 'spot')));

        return new ReportPhoto(
            $file->getPathname(),
            $file->getClientOriginalName(),
            count($spot) === 2 ? self::ring(min(1000, $spot[0]), min(1000, $spot[1])) : null,
        );
    }

    /** A ring around the spot, in thousandths of the photo. */
    private static function ring(int $x, int $y): PhotoMarks
    {
        $corner = static fn (int $by): array => [max(0, min(1000, $x + $by)), max(0, min(1000, $y + $by))];

        return PhotoMarks::of([['tool' => 'ring', 'points' => [$corner(-60), $corner(60)], 'text' => '']]);
    }
}
