<?php

declare(strict_types=1);

use App\Platform\Documents\Document;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Plant;

function picture(int $width = 60, int $height = 40, int $colour = 0x884422): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefill($image, 0, 0, $colour);
    ob_start();
    imagepng($image);

    return (string) ob_get_clean();
}

it(
    'takes photos and documents by their content, keeps each content once, and shows them to whom the asset shows',
    function () {
        $plant = Plant::build();
        $add = fn (UploadedFile ...$files) => $this->as('planner')->post("/documents/on/asset/{$plant->pump->id}", [
            'files' => $files,
        ]);
        $add(
            UploadedFile::fake()->createWithContent('pump.png', picture()),
            UploadedFile::fake()->createWithContent(
                'manual.pdf',
                "%PDF-1.4\n1 0 obj <<>> endobj\ntrailer <<>>\n%%EOF",
            ),
        )
            ->assertSessionHasNoErrors()
            ->assertRedirect("/assets/{$plant->pump->id}#documents");
        $add(UploadedFile::fake()->createWithContent('same.png', picture()))->assertSessionHas(
            'said',
            '0 files are added. 1 stood there already, with the same content.',
        );
        [$photo, $manual] = Document::query()->with('file')->orderBy('id')->get()->all();
        expect($photo->main)
            ->toBeTrue()
            ->and($photo->file->width)
            ->toBe(60)
            ->and($manual->main)
            ->toBeFalse()
            ->and(DB::table('files')->count())
            ->toBe(2);
        $this->get("/assets/{$plant->pump->id}")
            ->assertSee('class="portrait"', false)
            ->assertSee('manual.pdf');
        $shown = $this->get("/documents/{$photo->id}")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/png')
            ->assertHeader('X-Content-Type-Options', 'nosniff');
        expect($shown->baseResponse->getFile()->getContent())
            ->toBe(picture())
            ->and($shown->headers->get('Content-Security-Policy'))
            ->toContain('sandbox')
            ->and($shown->headers->get('Content-Disposition'))
            ->toStartWith('inline');
        $this->as('operator')
            ->get("/documents/{$photo->id}")
            ->assertForbidden();
        $this->as('stranger')
            ->get("/documents/{$photo->id}")
            ->assertForbidden();
        $this->as('technician')
            ->put("/documents/{$photo->id}", ['main' => '1'])
            ->assertForbidden();
    },
);

it('refuses a wrong type whatever its name, a broken photo, and nothing', function (
    string $name,
    string $content,
    string $why,
) {
    $plant = Plant::build();
    $this->as('planner')
        ->from('/assets')
        ->post("/documents/on/asset/{$plant->pump->id}", [
            'files' => [UploadedFile::fake()->createWithContent($name, $content)],
        ])
        ->assertSessionHasErrors('files.0');
    expect(session('errors')->first('files.0'))
        ->toContain($why)
        ->and(Document::query()->count())
        ->toBe(0)
        ->and(DB::table('files')->count())
        ->toBe(0);
})->with([
    'a page that calls itself a photo' => [
        'photo.jpg',
        '<!doctype html><script>alert(1)</script>',
        'by its content (text/html)',
    ],
    'a drawing with a script' => [
        'logo.svg',
        '<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>',
        'image/svg+xml',
    ],
    'a program' => [
        'x.pdf',
        "MZ\x90\0\x03\0\0\0\x04\0\0\0\xff\xff\0\0\xb8".str_repeat("\0", 100),
        'no photo, PDF',
    ],
    'cut off' => ['cut.png', substr(picture(), 0, 20), 'cannot be read'],
]);

it('keeps what is drawn on a photo over the untouched original', function () {
    $plant = Plant::build();
    $this->as('planner')->post("/documents/on/asset/{$plant->pump->id}", [
        'files' => [UploadedFile::fake()->createWithContent('pump.png', picture())],
    ]);
    $photo = Document::query()->sole();
    $marks = [
        ['tool' => 'arrow', 'points' => [[100, 100], [500, 500]], 'text' => ''],
        ['tool' => 'text', 'points' => [[500, 500]], 'text' => '<leak>'],
    ];
    $this->put("/documents/{$photo->id}", ['marks' => json_encode($marks), 'version' => 1])->assertRedirect(
        "/documents/{$photo->id}/photo",
    );
    $this->get("/documents/{$photo->id}/photo")
        ->assertSee('Drawn on it: an arrow, “&lt;leak&gt;”', false)
        ->assertSee('<polyline points="6,4 30,20"/>', false)
        ->assertDontSee('<leak>', false);
    $this->get("/documents/{$photo->id}/marks.svg")
        ->assertHeader('Content-Type', 'image/svg+xml')
        ->assertSee('viewBox="0 0 60 40"', false);
    $this->from("/documents/{$photo->id}/photo")
        ->put("/documents/{$photo->id}", ['marks' => '[{"tool":"script"}]', 'version' => 2])
        ->assertSessionHasErrors('marks');
    $this->put("/documents/{$photo->id}", ['marks' => '[]', 'version' => 1])->assertSessionHasErrors('stale');
    expect($photo->refresh()->marks)
        ->toBe($marks)
        ->and(
            $this->get("/documents/{$photo->id}")
                ->baseResponse->getFile()
                ->getContent(),
        )
        ->toBe(picture());
});

it('renames, chooses the main photo and takes off, and writes it into the log of the asset', function () {
    $plant = Plant::build();
    $this->as('planner')->post("/documents/on/asset/{$plant->pump->id}", [
        'files' => [
            UploadedFile::fake()->createWithContent('a.png', picture()),
            UploadedFile::fake()->createWithContent('b.png', picture(60, 40, 0x113355)),
        ],
    ]);
    [$a, $b] = Document::query()->with('file')->orderBy('id')->get()->all();
    $this->put("/documents/{$b->id}", ['main' => '1'])->assertSessionHasNoErrors();
    $this->put("/documents/{$a->id}", ['name' => 'nameplate', 'version' => 1])->assertSessionHasNoErrors();
    expect(Document::query()->where('main', true)->pluck('id')->all())->toBe([$b->id]);
    $this->put("/documents/{$b->id}", ['removed' => '1'])->assertSessionHasNoErrors();
    $this->get("/assets/{$plant->pump->id}")
        ->assertSee('nameplate')
        ->assertDontSee('class="portrait"', false)
        ->assertSee('took off b.png')
        ->assertSee('renamed a.png to nameplate');
    $this->put("/documents/{$b->id}", ['main' => '1'])->assertForbidden();
});

it('makes only a photo the main one, and keeps the name of a document that is given none', function () {
    $plant = Plant::build();
    $at = "/assets/{$plant->pump->id}";
    $this->as('planner')->post("/documents/on/asset/{$plant->pump->id}", [
        'files' => [UploadedFile::fake()->createWithContent('manual.pdf', "%PDF-1.4\n%%EOF")],
    ])->assertSessionHasNoErrors();
    $manual = Document::query()->sole();
    $this->from($at)->put("/documents/{$manual->id}", ['main' => '1', 'version' => 1])->assertSessionHasErrors([
        'form' => 'manual.pdf is no photo, so it cannot be the main one.',
    ]);
    $this->from($at)->put("/documents/{$manual->id}", ['name' => '  ', 'version' => 1])->assertSessionHasErrors('name');
    expect($manual->refresh()->only(['name', 'main', 'version']))
        ->toBe(['name' => 'manual.pdf', 'main' => false, 'version' => 1]);
});
