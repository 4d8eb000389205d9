<?php

declare(strict_types=1);

use App\Platform\Documents\Attach;
use App\Platform\Jobs\EndBrokenWorker;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Tests\Feature\Plant;

/** A route of the test that fails as the database does. */
function failsWith(int $code): void
{
    Route::middleware('web')->match(['GET', 'POST'], '/fails', function () use ($code): void {
        $failure = new PDOException('It could not.');
        $failure->errorInfo = ['HY000', $code, 'It could not.'];
        throw $failure;
    });
}

it('says what the database could not write, and keeps what was typed', function (int $code, string $says) {
    Plant::build();
    failsWith($code);
    $this->as('planner')
        ->from('/today')
        ->post('/fails', ['name' => 'typed'])
        ->assertRedirect('/today')
        ->assertSessionHasErrors('form')
        ->assertSessionHasInput('name', 'typed');
    $this->get('/today')->assertSee($says);
    $this->as('planner')
        ->post('/fails', [], ['HX-Request' => 'true'])
        ->assertStatus(503)
        ->assertSee($says);
})->with([[1205, 'Somebody else was saving'], [1021, 'The disk of the server is full'], [1290, 'takes no changes']]);

it('answers a failure with a page that says it was written down, even where our log cannot be', function (bool $full) {
    Plant::build();
    Route::middleware('web')->get('/fails', fn () => throw new RuntimeException('It broke.'));
    $aside = (string) tempnam(sys_get_temp_dir(), 'log');
    $before = ini_set('error_log', $aside);
    $log = $full ? '/dev/full' : (string) tempnam(sys_get_temp_dir(), 'log');
    config(['logging.default' => 'tried', 'logging.channels.tried' => ['driver' => 'single', 'path' => $log]]);
    $this->as('planner')
        ->get('/fails')
        ->assertStatus(500)
        ->assertSee('nothing was saved')
        ->assertSee('It has been written down in the log of the server')
        ->assertDontSee('It broke.');
    expect((string) file_get_contents($full ? $aside : $log))->toContain('It broke.');
    ini_set('error_log', (string) $before);
    unlink($aside);
})->with(['a log that writes' => [false], 'a log on a full disk' => [true]]);

it('says when the file of a document is gone', function () {
    $plant = Plant::build();
    $picture = (string) tempnam(sys_get_temp_dir(), 'p');
    imagepng(imagecreatetruecolor(40, 30), $picture);
    [$document] = app(Attach::class)(
        $plant->person('planner')->actor(),
        $plant->pump->subject(),
        $picture,
        'pump.png',
    );
    unlink($document->file->path());
    $this->as('planner')
        ->get("/documents/{$document->id}")
        ->assertNotFound()
        ->assertSee('gone from the disk of the server');
});

it('refuses a picture that is too large or cut off before it is decoded', function (callable $make, string $says) {
    $plant = Plant::build();
    $file = (string) tempnam(sys_get_temp_dir(), 'p');
    $make($file);
    expect(
        fn () => app(Attach::class)($plant->person('planner')->actor(), $plant->pump->subject(), $file, 'x.png'),
    )->toThrow(Sundial\Support\InvalidInput::class, $says);
})->with([
    'a head that says 20 000 × 20 000' => [
        static function (string $file): void {
            imagepng(imagecreatetruecolor(40, 30), $file);
            $bytes = (string) file_get_contents($file);
            file_put_contents($file, substr_replace($bytes, pack('NN', 20000, 20000), 16, 8));
        },
        'more than can be shown',
    ],
    'cut short' => [
        static function (string $file): void {
            imagepng(imagecreatetruecolor(400, 300), $file);
            file_put_contents($file, substr((string) file_get_contents($file), 0, -20));
        },
        'is cut off',
    ],
]);

it('ends a worker that has a transaction open which nobody will end', function () {
    $worker = app('queue.worker');
    $worker->shouldQuit = false;
    DB::rollBack();
    expect(app(EndBrokenWorker::class)())->toBeNull()->and($worker->shouldQuit)->toBeFalse();
    DB::connection()->getPdo()->beginTransaction();
    expect(app(EndBrokenWorker::class)())->toBeFalse()->and($worker->shouldQuit)->toBeTrue();
    $worker->shouldQuit = false;
    DB::connection()->getPdo()->rollBack();
    DB::beginTransaction();
});

it('forgets a page of others that a request says it comes from', function () {
    Plant::build();
    $this->as('planner')
        ->withHeader('Referer', 'https://elsewhere.example/trap')
        ->post('/places', [])
        ->assertSessionHasErrors('name');
    expect((string) session()->previousUrl())->not->toContain('elsewhere');
    $answer = $this->as('planner')->withHeader('Referer', 'https://elsewhere.example/trap')->post('/places', []);
    expect((string) $answer->headers->get('Location'))->not->toContain('elsewhere');
});

it('refuses text that cannot be kept, naming its field, and leaves it out of a search', function () {
    Plant::build();
    $this->as('planner')
        ->from('/places/new')
        ->post('/places', ['tag' => 'B-1', 'name' => "Bay\0one"])
        ->assertSessionHasErrors('name');
    $this->as('planner')
        ->post('/places', ['tag' => "B\xff1", 'name' => 'Bay'])
        ->assertSessionHasErrors('tag');
    $this->as('planner')->get('/assets?q=pump%00')->assertOk()->assertSee('Feed pump 1');
});

it('lets no cache keep what goes out as data, and tells browsers to stay with TLS', function () {
    Plant::build();
    $answer = $this->as('planner')->get('/assets/table.csv');
    expect((string) $answer->headers->get('Cache-Control'))->toContain('no-store');
    $this->as('planner')->get('/today')->assertHeaderMissing('Strict-Transport-Security');
    $this->as('planner')->get('https://127.0.0.1/today')->assertHeader('Strict-Transport-Security');
    $this->get('/storage/anything')->assertNotFound();
});
