<?php

declare(strict_types=1);

use App\Platform\Http\ApiController;
use App\Platform\Http\DocumentController;
use App\Platform\Http\DraftController;
use App\Platform\Http\ImportController;
use App\Platform\Http\JumpController;
use App\Platform\Http\LogController;
use App\Platform\Http\TodayController;
use App\Platform\Http\WebhookController;
use Illuminate\Support\Facades\Route;

Route::get('/up', fn () => response('up', 200, ['Content-Type' => 'text/plain']))->name('up');
Route::get('/api/v1/openapi.json', [ApiController::class, 'description'])
    ->name('platform.api.description');
Route::middleware(['web', 'auth', 'can:see-own-line'])->group(function (): void {
    Route::get('/api', [ApiController::class, 'page'])
        ->name('platform.api.page');
    Route::get('/today', TodayController::class)
        ->name('platform.today');
    Route::get('/jump', JumpController::class)->middleware('background')
        ->name('platform.jump');
    Route::get('/log', [LogController::class, 'show'])->middleware('can:see-plant')
        ->name('platform.log.show');
    Route::get('/log.{format}', [LogController::class, 'export'])
        ->whereIn('format', ['csv', 'json'])
        ->middleware('can:see-plant')
        ->name('platform.log.export');
    // Whether they may is asked of the kind of record: each names its right.
    Route::middleware('can:see-plant')
        ->prefix('import')
        ->group(function (): void {
            Route::get('/', [ImportController::class, 'index'])
                ->name('platform.import.index');
            Route::get('/{what}', [ImportController::class, 'choose'])->whereAlpha('what')
                ->name('platform.import.choose');
            Route::post('/{what}', [ImportController::class, 'upload'])->whereAlpha('what')
                ->name('platform.import.upload');
            Route::get('/{what}/template', [ImportController::class, 'template'])->whereAlpha('what')
                ->name('platform.import.template');
            Route::get('/{what}/standing.{format}', [ImportController::class, 'standing'])
                ->whereAlpha('what')
                ->whereIn('format', ['csv', 'json'])
                ->name('platform.import.standing');
            Route::get('/files/{import}', [ImportController::class, 'check'])->whereUuid('import')
                ->name('platform.import.check');
            Route::put('/files/{import}', [ImportController::class, 'read'])->whereUuid('import')
                ->name('platform.import.read');
            Route::post('/files/{import}', [ImportController::class, 'load'])->whereUuid('import')
                ->name('platform.import.load');
            Route::delete('/files/{import}', [ImportController::class, 'takeBack'])->whereUuid('import')
                ->name('platform.import.take-back');
            Route::get('/files/{import}/problems', [ImportController::class, 'problems'])->whereUuid('import')
                ->name('platform.import.problems');
            Route::get('/files/{import}/progress', [ImportController::class, 'progress'])
                ->whereUuid('import')
                ->middleware('background')
                ->name('platform.import.progress');
        });
    // Whether they may is asked of the record itself.
    Route::put('/drafts/on/{kind}/{id}', [DraftController::class, 'keep'])
        ->whereIn('kind', ['asset', 'order'])
        ->middleware('background')
        ->name('platform.draft.keep');
    Route::post('/documents/on/{kind}/{id}', [DocumentController::class, 'attach'])
        ->whereIn('kind', ['asset', 'order', 'part', 'stop'])
        ->name('platform.document.attach');
    Route::get('/documents/{document}', [DocumentController::class, 'show'])
        ->middleware('can:view,document')
        ->name('platform.document.show');
    Route::put('/documents/{document}', [DocumentController::class, 'change'])
        ->middleware('can:update,document')
        ->name('platform.document.change');
    Route::get('/documents/{document}/photo', [DocumentController::class, 'photo'])
        ->middleware('can:view,document')
        ->name('platform.document.photo');
    Route::get('/documents/{document}/marks.svg', [DocumentController::class, 'marks'])
        ->middleware('can:view,document')
        ->name('platform.document.marks');
});
Route::middleware(['web', 'auth', 'can:administer'])->group(function (): void {
    Route::get('/setup/webhooks', [WebhookController::class, 'index'])->name('platform.webhooks.index');
    Route::post('/setup/webhooks', [WebhookController::class, 'add'])->name('platform.webhooks.add');
    Route::delete('/setup/webhooks/{webhook}', [WebhookController::class, 'end'])->name('platform.webhooks.end');
    Route::post('/setup/webhooks/{webhook}/trial', [WebhookController::class, 'test'])
        ->name('platform.webhooks.test');
    Route::post('/setup/webhook-deliveries/{delivery}', [WebhookController::class, 'again'])
        ->name('platform.webhooks.again');
    Route::put('/setup/webhook-hosts', [WebhookController::class, 'hosts'])
        ->middleware('can:administer-plant')
        ->name('platform.webhooks.hosts');
});
