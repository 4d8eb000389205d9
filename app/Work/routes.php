<?php

declare(strict_types=1);

use App\Work\Http\AlongController;
use App\Work\Http\ApiOrderController;
use App\Work\Http\ApiReleaseController;
use App\Work\Http\ApiWorkController;
use App\Work\Http\BookingController;
use App\Work\Http\CostController;
use App\Work\Http\EmergencyController;
use App\Work\Http\FeedController;
use App\Work\Http\FinishedController;
use App\Work\Http\FollowController;
use App\Work\Http\IsolationController;
use App\Work\Http\OrderAssetsController;
use App\Work\Http\OrderController;
use App\Work\Http\OrderFilterController;
use App\Work\Http\OrderMoveController;
use App\Work\Http\PlanController;
use App\Work\Http\RaiseController;
use App\Work\Http\RecordController;
use App\Work\Http\ReleaseController;
use App\Work\Http\ReportController;
use App\Work\Http\RequestController;
use App\Work\Http\ReviewController;
use App\Work\Http\TimerController;
use App\Work\Http\WorkListsController;
use App\Work\Http\WorkRulesController;
use App\Work\Http\WorkSetupController;
use Illuminate\Support\Facades\Route;
use Sundial\Work\Isolation\IsolationMove;

Route::middleware(['web', 'auth'])->group(function (): void {
    Route::middleware('can:administer')->group(function (): void {
        Route::get('/setup/work-rules', [WorkRulesController::class, 'edit'])->name('work.rules.edit');
        Route::get('/setup/emergency', [WorkRulesController::class, 'emergency'])->name('work.rules.emergency');
        Route::put('/setup/emergency', [WorkRulesController::class, 'setEmergency'])
            ->name('work.rules.emergency.set');
        Route::put('/setup/work-rules', [WorkRulesController::class, 'update'])->name('work.rules.update');
    });
    Route::middleware('can:administer-plant')->group(function (): void {
        Route::get('/setup/priorities', [WorkSetupController::class, 'priorities'])->name('work.setup.priorities');
        Route::put('/setup/priorities', [WorkSetupController::class, 'setPriorities'])
            ->name('work.setup.priorities.set');
        Route::get('/setup/work-lists', [WorkListsController::class, 'index'])->name('work.setup.lists');
        Route::put('/setup/work-lists/accounts', [WorkListsController::class, 'setAccounts'])
            ->name('work.setup.accounts.set');
        $lists = ['types' => 'Type', 'stages' => 'Stage', 'reasons' => 'Reason', 'permits' => 'Permit'];
        foreach ($lists as $list => $one) {
            Route::post("/setup/work-lists/{$list}", [WorkListsController::class, "add{$one}"])
                ->name("work.setup.{$list}.add");
            Route::delete("/setup/work-lists/{$list}", [WorkListsController::class, "retire{$one}"])
                ->name("work.setup.{$list}.retire");
        }
        Route::get('/setup/failure-words', [WorkSetupController::class, 'words'])->name('work.setup.words');
        Route::post('/setup/failure-words', [WorkSetupController::class, 'addWord'])->name('work.setup.words.add');
        Route::delete('/setup/failure-words/{word}', [WorkSetupController::class, 'retireWord'])
            ->name('work.setup.words.retire');
    });
    Route::get('/report', [ReportController::class, 'choose'])
        ->middleware('can:report-stops')
        ->name('work.report.choose');
    Route::get('/places/{location}/report', [ReportController::class, 'formAtPlace'])
        ->middleware(['can:report-stops', 'can:view,location'])
        ->name('work.report.place');
    Route::post('/places/{location}/report', [ReportController::class, 'storeAtPlace'])
        ->middleware(['can:report-stops', 'can:view,location'])
        ->name('work.report.place.store');
    Route::get('/requests', [RequestController::class, 'index'])
        ->middleware('can:see-own-line')
        ->name('work.requests.index');
    Route::get('/requests/{request}', [RequestController::class, 'show'])
        ->middleware('can:view,request')
        ->name('work.requests.show');
    Route::post('/requests/{request}/accept', [RequestController::class, 'accept'])
        ->middleware('can:accept,request')
        ->name('work.requests.accept');
    foreach (['merge' => 'merge', 'decline' => 'decline', 'ask' => 'ask', 'may-run' => 'mayRun'] as $word => $does) {
        Route::post("/requests/{request}/{$word}", [RequestController::class, $does])
            ->middleware('can:review,request')
            ->name("work.requests.{$word}");
    }
    Route::post('/restrictions/{restriction}/lift', [RequestController::class, 'lift'])
        ->middleware('can:lift,restriction')
        ->name('work.restrictions.lift');
    Route::get('/emergency', [EmergencyController::class, 'create'])
        ->middleware('can:raise-emergencies')
        ->name('work.emergency.create');
    Route::post('/emergency', [EmergencyController::class, 'store'])
        ->middleware('can:raise-emergencies')
        ->name('work.emergency.store');
    Route::post('/orders/{order}/confirm', [EmergencyController::class, 'confirm'])
        ->middleware('can:confirm,order')
        ->name('work.emergency.confirm');
    Route::middleware('can:see-costs')->group(function (): void {
        Route::get('/costs', [CostController::class, 'index'])->name('work.costs');
        Route::get('/costs/orders', [CostController::class, 'orders'])->name('work.costs.orders');
        Route::get('/costs.{format}', [CostController::class, 'export'])
            ->whereIn('format', ['csv', 'json'])
            ->name('work.costs.export');
    });
    Route::post('/costs/lock', [CostController::class, 'lock'])
        ->middleware('can:lock-costs')
        ->name('work.costs.lock');
    Route::middleware('can:see-plant')->group(function (): void {
        Route::get('/orders/narrow', [OrderFilterController::class, 'show'])->name('work.orders.narrow');
        Route::post('/orders/filters', [OrderFilterController::class, 'keep'])->name('work.orders.filters.keep');
        Route::delete('/orders/filters/{filter}', [OrderFilterController::class, 'forget'])
            ->whereNumber('filter')
            ->name('work.orders.filters.forget');
    });
    Route::get('/orders/new', [RaiseController::class, 'create'])
        ->middleware('can:plan-orders')
        ->name('work.orders.create');
    Route::middleware('can:reopen-orders')->group(function (): void {
        Route::get('/orders/review', [ReviewController::class, 'index'])->name('work.review');
        Route::post('/orders/review', [ReviewController::class, 'closeClean'])->name('work.review.clean');
        Route::post('/orders/{order}/review/close', [ReviewController::class, 'close'])
            ->middleware('order.move:close')
            ->name('work.review.close');
        Route::post('/orders/{order}/review/back', [ReviewController::class, 'sendBack'])
            ->middleware('order.move:reopen')
            ->name('work.review.back');
    });
    Route::middleware('can:work-on-own-orders')->group(function (): void {
        Route::get('/timer', [TimerController::class, 'show'])->name('work.timer.show');
        Route::post('/timer/stop', [TimerController::class, 'stop'])->name('work.timer.stop');
        Route::delete('/timer', [TimerController::class, 'drop'])->name('work.timer.drop');
        Route::get('/orders/finished', [FinishedController::class, 'create'])->name('work.finished.create');
        Route::get('/orders/finished/about', [FinishedController::class, 'about'])
            ->middleware('background')
            ->name('work.finished.about');
        Route::post('/orders/finished', [FinishedController::class, 'store'])->name('work.finished.store');
    });
    Route::get('/orders/new/waits', [RaiseController::class, 'waits'])
        ->middleware(['can:plan-orders', 'background'])
        ->name('work.orders.waits');
    Route::post('/orders', [RaiseController::class, 'store'])
        ->middleware('can:plan-orders')
        ->name('work.orders.store');
    Route::put('/assets/{asset}/isolation-points', [IsolationController::class, 'points'])
        ->middleware(['can:plan-orders', 'can:view,asset'])
        ->name('work.isolation.points');
    Route::get('/orders', [OrderController::class, 'index'])->middleware('can:see-plant')
        ->name('work.order.index');
    Route::get('/orders.{format}', [OrderController::class, 'export'])
        ->whereIn('format', ['csv', 'json'])
        ->middleware('can:see-plant')
        ->name('work.order.export');
    Route::get('/orders/{order}', [OrderController::class, 'show'])
        ->middleware('can:view,order')
        ->name('work.order.show');
    // What stands beside the button on the sheet is kept with each of these.
    Route::middleware('draft:order')->group(function (): void {
        Route::put('/orders/{order}/assignment', [OrderController::class, 'assign'])
            ->middleware('can:assign,order')
            ->name('work.order.assign');
        Route::put('/orders/{order}/planned-day', [OrderController::class, 'redate'])
            ->middleware('can:assign,order')
            ->name('work.order.redate');
        Route::post('/orders/{order}/stop-short', [OrderMoveController::class, 'stopShort'])
            ->middleware('order.move:cancel')
            ->name('work.orders.stop-short');
        Route::post('/orders/{order}/hand-back', [OrderMoveController::class, 'handBack'])
            ->middleware('can:handBack,order')
            ->name('work.orders.hand-back');
        Route::post('/orders/{order}/isolation', [IsolationController::class, 'issue'])
            ->middleware('can:assign,order')
            ->name('work.isolation.issue');
        Route::post('/orders/{order}/isolation/share', [IsolationController::class, 'share'])
            ->middleware('can:assign,order')
            ->name('work.isolation.share');
        Route::post('/orders/{order}/isolation/{isolation}/{move}', [IsolationController::class, 'move'])
            ->whereIn('move', array_column(IsolationMove::cases(), 'value'))
            ->middleware('can:assign,order')
            ->name('work.isolation.move');
        Route::put('/orders/{order}/stage', [OrderMoveController::class, 'stage'])
            ->middleware('can:work,order')
            ->name('work.orders.stage');
        foreach (['approve', 'start', 'hold', 'resume', 'finish', 'close', 'reopen', 'cancel'] as $move) {
            Route::post("/orders/{order}/{$move}", [OrderMoveController::class, $move])
                ->middleware("order.move:{$move}")
                ->name("work.order-move.{$move}");
        }
        Route::post('/orders/{order}/plan/paste', [PlanController::class, 'paste'])
            ->middleware('can:assign,order')
            ->name('work.plan.paste');
        Route::post('/orders/{order}/plan/before-start', [PlanController::class, 'beforeStart'])
            ->middleware('can:assign,order')
            ->name('work.plan.before-start');
        Route::post('/orders/{order}/plan/method', [PlanController::class, 'method'])
            ->middleware('can:assign,order')
            ->name('work.plan.method');
        Route::post('/orders/{order}/plan/former', [PlanController::class, 'former'])
            ->middleware('can:assign,order')
            ->name('work.plan.former');
        Route::post('/orders/{order}/plan/{line}', [PlanController::class, 'add'])
            ->whereIn('line', ['step', 'labour', 'part', 'service'])
            ->middleware('can:assign,order')
            ->name('work.plan.add');
        Route::delete('/orders/{order}/plan/{line}/{id}', [PlanController::class, 'take'])
            ->whereIn('line', ['step', 'labour', 'part', 'service'])
            ->whereNumber('id')
            ->middleware('can:assign,order')
            ->name('work.plan.take');
        Route::put('/orders/{order}/plan/service/{id}', [PlanController::class, 'agree'])
            ->whereNumber('id')
            ->middleware('can:assign,order')
            ->name('work.plan.agree');
        Route::post('/orders/{order}/parts', [RecordController::class, 'use'])
            ->middleware('can:work,order')
            ->name('work.record.part');
        Route::post('/orders/{order}/services', [RecordController::class, 'invoice'])
            ->middleware('can:assign,order')
            ->name('work.record.service');
        Route::post('/orders/{order}/found', [RecordController::class, 'found'])
            ->middleware('can:work,order')
            ->name('work.record.found');
        Route::middleware('can:assign,order')->group(function (): void {
            Route::post('/orders/{order}/assets', [OrderAssetsController::class, 'add'])
                ->name('work.order-assets.add');
            Route::delete('/orders/{order}/assets/{row}', [OrderAssetsController::class, 'take'])
                ->name('work.order-assets.take');
            Route::post('/orders/{order}/copy-steps', [OrderAssetsController::class, 'copySteps'])
                ->name('work.order-assets.copy-steps');
            Route::put('/orders/{order}/spread', [OrderAssetsController::class, 'spread'])
                ->name('work.order-assets.spread');
            Route::post('/orders/{order}/split', [OrderAssetsController::class, 'split'])
                ->name('work.order-assets.split');
            Route::post('/orders/{order}/draw', [OrderAssetsController::class, 'draw'])
                ->name('work.order-assets.draw');
            Route::post('/orders/{order}/links', [OrderAssetsController::class, 'link'])
                ->name('work.order-assets.link');
            Route::delete('/orders/{order}/links/{other}', [OrderAssetsController::class, 'unlink'])
                ->name('work.order-assets.unlink');
        });
        Route::put('/orders/{order}/assets/{row}', [OrderAssetsController::class, 'state'])
            ->middleware('can:work,order')
            ->name('work.order-assets.state');
        Route::post('/orders/{order}/found-order', [RecordController::class, 'foundOrder'])
            ->middleware(['can:plan-orders', 'can:view,order'])
            ->name('work.record.found-order');
        Route::post('/orders/{order}/as-planned', [BookingController::class, 'asPlanned'])
            ->middleware('can:work,order')
            ->name('work.bookings.as-planned');
        Route::put('/orders/{order}/repeats', [RecordController::class, 'repeats'])
            ->middleware('can:assign,order')
            ->name('work.record.repeats');
        Route::put('/orders/{order}/failure', [RecordController::class, 'failure'])
            ->middleware('can:work,order')
            ->name('work.record.failure');
        Route::put('/orders/{order}/finish', [OrderMoveController::class, 'correct'])
            ->middleware('order.move:finish')
            ->name('work.order-move.correct');
        Route::get('/orders/{order}/along', [AlongController::class, 'offers'])
            ->middleware(['can:assign,order', 'background'])
            ->name('work.along.offers');
        Route::post('/orders/{order}/along', [AlongController::class, 'take'])
            ->middleware('can:assign,order')
            ->name('work.along.take');
        Route::delete('/orders/{order}/along/{visit}', [AlongController::class, 'leave'])
            ->middleware('can:assign,order')
            ->name('work.along.leave');
        Route::post('/orders/{order}/revision', [OrderController::class, 'moveUp'])
            ->middleware('can:assign,order')
            ->name('work.order.move-up');
        Route::post('/orders/{order}/method', [OrderController::class, 'makeMethod'])
            ->middleware(['can:view,order', 'can:write-plans'])
            ->name('work.order.make-method');
        Route::post('/orders/{order}/repeat', [OrderController::class, 'repeat'])
            ->middleware(['can:view,order', 'can:write-plans'])
            ->name('work.orders.repeat');
        Route::post('/orders/{order}/steps', [BookingController::class, 'tickAll'])
            ->middleware('can:work,order')
            ->name('work.booking.tick-all');
        Route::post('/orders/{order}/steps/{position}', [BookingController::class, 'tick'])
            ->middleware('can:work,order')
            ->name('work.booking.tick');
        Route::get('/orders/{order}/hours', [BookingController::class, 'grid'])
            ->middleware('can:work,order')
            ->name('work.hours.grid');
        Route::post('/orders/{order}/hours', [BookingController::class, 'storeGrid'])
            ->middleware('can:work,order')
            ->name('work.hours.store');
        Route::post('/orders/{order}/timer', [TimerController::class, 'start'])
            ->middleware('can:work,order')
            ->name('work.timer.start');
        Route::post('/orders/{order}/bookings', [BookingController::class, 'store'])
            ->middleware('can:work,order')
            ->name('work.booking.store');
        Route::post('/orders/{order}/bookings/{booking}/strike', [BookingController::class, 'strike'])
            ->middleware('can:work,order')
            ->name('work.booking.strike');
    });
    Route::middleware('can:release')->group(function (): void {
        Route::get('/assets/{asset}/together', [AlongController::class, 'near'])
            ->middleware('can:view,asset')
            ->name('work.along.near');
        Route::post('/assets/{asset}/together', [AlongController::class, 'together'])
            ->middleware('can:view,asset')
            ->name('work.along.together');
        Route::get('/release', [ReleaseController::class, 'preview'])
            ->name('work.release.preview');
        Route::post('/release', [ReleaseController::class, 'release'])
            ->name('work.release.release');
        Route::get('/release/{batch}', [ReleaseController::class, 'show'])
            ->middleware('background')
            ->name('work.release.show');
        Route::delete('/release/{batch}', [ReleaseController::class, 'undo'])
            ->name('work.release.undo');
        Route::post('/schedules/{schedule}/release', [ReleaseController::class, 'one'])
            ->middleware('can:view,schedule')
            ->name('work.release.one');
    });
});

Route::middleware(['api', 'can:release'])
    ->prefix('api/v1')
    ->group(function (): void {
        Route::post('/release', [ApiReleaseController::class, 'release'])
            ->name('work.api-release.release');
        Route::post('/schedules/{schedule}/release', [ApiReleaseController::class, 'one'])
            ->middleware('can:view,schedule')
            ->name('work.api-release.one');
    });

Route::get('/calendar/{secret}.ics', [FeedController::class, 'read'])
    ->where('secret', '[A-Za-z0-9]{40}')
    ->middleware('throttle:60,1')
    ->name('work.feed.read');
Route::middleware(['web', 'auth', 'can:see-plant'])->group(function (): void {
    Route::get('/me/calendars', [FeedController::class, 'index'])
        ->name('work.feed.index');
    Route::post('/me/calendars', [FeedController::class, 'store'])->middleware('throttle:30,1')
        ->name('work.feed.store');
    Route::delete('/me/calendars/{feed}', [FeedController::class, 'revoke'])
        ->name('work.feed.revoke');
});

// Without an account: whoever was told the code of the site, or follows a report by its secret address.
Route::middleware(['web', 'throttle:report'])->group(function (): void {
    Route::get('/report/{code}', [ReportController::class, 'form'])->name('work.report.form');
    Route::post('/report/{code}', [ReportController::class, 'store'])->name('work.report.store');
    Route::post('/report/{code}/code', [ReportController::class, 'tell'])->name('work.report.tell');
    Route::post('/report/{code}/me-too/{id}', [ReportController::class, 'meToo'])
        ->whereNumber('id')
        ->name('work.report.me-too');
    Route::get('/follow/{secret}', [FollowController::class, 'show'])->name('work.follow.show');
    Route::post('/follow/{secret}/answer', [FollowController::class, 'answer'])->name('work.follow.answer');
    Route::post('/follow/{secret}/withdraw', [FollowController::class, 'withdraw'])->name('work.follow.withdraw');
    Route::post('/follow/{secret}/mended', [FollowController::class, 'mended'])->name('work.follow.mended');
});

Route::middleware('api')
    ->prefix('api/v1')
    ->group(function (): void {
        Route::get('/orders', [ApiWorkController::class, 'orders'])
            ->middleware('can:see-plant')
            ->name('api.orders.index');
        Route::get('/orders/{order}', [ApiWorkController::class, 'order'])
            ->middleware('can:view,order')
            ->name('api.orders.show');
        Route::post('/orders', [ApiOrderController::class, 'raise'])
            ->middleware('can:plan-orders')
            ->name('api.orders.store');
        Route::post('/orders/{order}/plan', [ApiOrderController::class, 'plan'])
            ->middleware('can:assign,order')
            ->name('api.orders.plan');
        Route::post('/orders/{order}/bookings', [ApiOrderController::class, 'book'])
            ->middleware('can:work,order')
            ->name('api.orders.book');
        Route::get('/requests', [ApiWorkController::class, 'requests'])
            ->middleware('can:see-plant')
            ->name('api.requests.index');
        Route::post('/requests', [ApiWorkController::class, 'report'])
            ->middleware('can:report-stops')
            ->name('api.requests.store');
    });
