<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Platform\Writing\Typed;
use App\Work\Inputs\StepReply;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** The form of a step: ticked, or answered by a word, a number, a reading, a photo or a signature. */
final class StepRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->has('done')
            ? []
            : [
                'value' => ['nullable', 'string', 'max:1000'],
                'meter_id' => ['nullable', 'integer'],
                'turn' => ['nullable', 'in:confirmed,rolled over,replaced'],
                'old_final' => ['nullable', 'string', 'max:20'],
                'file' => ['nullable', 'file'],
                'drawn' => ['nullable', 'string', 'max:400000'],
            ];
    }

    public function said(): StepReply
    {
        $picture = $this->picture();
        if ($picture !== null) {
            return StepReply::picture(...$picture);
        }
        $given = $this->validated();

        return StepReply::typed($given['value'] ?? '')->of(
            isset($given['meter_id']) ? (int) $given['meter_id'] : null,
            $given['turn'] ?? '',
            $given['old_final'] ?? null,
        );
    }

    /** @return array{string, string}|null path and name of what was chosen or drawn */
    private function picture(): ?array
    {
        $file = $this->file('file');
        if ($file instanceof UploadedFile) {
            return [$file->getPathname(), $file->getClientOriginalName()];
        }
        $drawn = base64_decode(
            (string) preg_replace('~^data:image/png;base64,~', '', Typed::word($this, 'drawn')),
            true,
        );
        if ($drawn === false || $drawn === '') {
            return null;
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'sign');
        file_put_contents($path, $drawn);
        app()->terminating(static fn () => @unlink($path));

        return [$path, "signature of {$this->user()->name}.png"];
    }
}
