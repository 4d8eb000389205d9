<?php

declare(strict_types=1);

use App\People\Actions\SaveCostCentre;
use App\People\Actions\SaveSupplier;
use App\People\Inputs\SupplierInput;
use App\People\Models\User;
use App\Planning\Actions\SaveRound;
use App\Platform\Audit\Actor;
use App\Platform\Documents\Attach;
use App\Register\Actions\SaveExpiry;
use App\Register\Actions\SaveField;
use App\Register\Actions\SaveUnit;
use App\Register\Inputs\ExpiryInput;
use App\Register\Inputs\FieldInput;
use App\Register\Inputs\LocationInput;
use App\Stops\Actions\CallMaintenance;
use App\Stops\Actions\GiveShiftOver;
use App\Stops\Actions\NoteShortStops;
use App\Stops\Actions\ReportDown;
use App\Stops\Actions\SignTabletIn;
use App\Stops\Inputs\ShortTyped;
use App\Stops\Inputs\StopSaid;
use App\Stores\Actions\PlanCount;
use App\Stores\Actions\SavePart;
use App\Stores\Inputs\PartInput;
use App\Work\Actions\Booking\BookHours;
use App\Work\Actions\Isolation\IssueIsolation;
use App\Work\Models\ReleaseBatch;
use Illuminate\Routing\Route as Registered;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Sundial\Access\Role;
use Sundial\Calendar\LocalDate;
use Sundial\Costing\WorkedMinutes;
use Sundial\Register\ShortCode;
use Tests\Feature\Plant;
use Tests\Feature\Stops\LineFloor;
use Tests\Feature\Stores\Shelf;

/*
 * Every route with every role. A letter for each role that may: a administrator, p planner, s supervisor, t
 * technician, k storekeeper,
 * o operator, e engineer, m manager; - nobody needs a role (guests). Where it says "own", the order belongs to the
 * technician's team.
 */
const EVERYBODY = 'apstkoem';
const PLANT = 'apstkem';
const ROUTES = [
    'GET up' => '-',
    'GET login' => '-',
    'POST login' => '-',
    'GET first' => '-',
    'POST first' => '-',
    'GET /' => EVERYBODY,
    'POST logout' => EVERYBODY,
    'GET me' => EVERYBODY,
    'POST me/password' => EVERYBODY,
    'POST me/scheme' => EVERYBODY,
    'POST me/site' => EVERYBODY,
    'GET setup' => 'a',
    'GET setup/work-rules' => 'a',
    'PUT setup/work-rules' => 'a',
    'GET setup/work-lists' => 'A',
    'POST setup/work-lists/types' => 'A',
    'DELETE setup/work-lists/types' => 'A',
    'POST setup/work-lists/stages' => 'A',
    'DELETE setup/work-lists/stages' => 'A',
    'POST setup/work-lists/reasons' => 'A',
    'DELETE setup/work-lists/reasons' => 'A',
    'POST setup/work-lists/permits' => 'A',
    'DELETE setup/work-lists/permits' => 'A',
    'GET setup/people' => 'a',
    'GET setup/people/new' => 'a',
    'POST setup/people' => 'a',
    'GET setup/people/{person}' => 'a',
    'PUT setup/people/{person}' => 'a',
    'POST setup/people/{person}/rates' => 'a',
    'POST setup/people/{person}/log-out' => 'a',
    'GET setup/sign-ins' => 'a',
    'POST me/log-out' => EVERYBODY,
    'GET setup/sites' => 'a',
    'GET setup/sites/new' => 'A',
    'POST setup/sites' => 'A',
    'GET setup/sites/{site}' => 'a',
    'PUT setup/sites/{site}' => 'a',
    'POST setup/sites/{site}/rest-days' => 'a',
    'GET setup/teams' => 'a',
    'POST setup/teams' => 'a',
    'PUT setup/teams/{team}' => 'a',
    'GET setup/trades' => 'A',
    'POST setup/trades' => 'A',
    'PUT setup/trades/{trade}' => 'A',
    'POST setup/trades/{trade}/rates' => 'A',
    'GET setup/classes' => 'aps',
    'POST setup/classes' => 'aps',
    'PUT setup/classes/{class}' => 'A',
    'GET assets' => EVERYBODY,
    'GET assets/new' => 'aps',
    'POST assets' => 'aps',
    'GET assets/{asset}' => PLANT,
    'GET assets/{asset}/edit' => 'aps',
    'PUT assets/{asset}' => 'aps',
    'GET setup/cost-centres' => 'A',
    'POST setup/cost-centres' => 'A',
    'PUT setup/cost-centres/{centre}' => 'A',
    'GET setup/units' => 'A',
    'POST setup/units' => 'A',
    'PUT setup/units/{unit}' => 'A',
    'GET setup/life-states' => 'A',
    'PUT setup/life-states' => 'A',
    'GET assets/new/needed' => 'aps',
    'POST setup/fields/{field}/move' => 'A',
    'GET setup/fields' => 'A',
    'GET setup/fields/new' => 'A',
    'POST setup/fields' => 'A',
    'GET setup/fields/{field}' => 'A',
    'PUT setup/fields/{field}' => 'A',
    'PUT assets/{asset}/fields/{field}' => 'aps',
    'GET suppliers' => PLANT,
    'GET suppliers/{supplier}' => PLANT,
    'GET suppliers/new' => 'aps',
    'POST suppliers' => 'aps',
    'GET suppliers/{supplier}/edit' => 'aps',
    'PUT suppliers/{supplier}' => 'aps',
    'GET today' => EVERYBODY,
    'GET jump' => EVERYBODY,
    'GET a/{code}' => '-',
    'GET setup/priorities' => 'A',
    'PUT setup/priorities' => 'A',
    'GET setup/failure-words' => 'A',
    'POST setup/failure-words' => 'A',
    'DELETE setup/failure-words/{word}' => 'A',
    'GET report' => 'apstkoe',
    'GET report/{code}' => '-',
    'POST report/{code}' => '-',
    'POST report/{code}/code' => '-',
    'POST report/{code}/me-too/{id}' => '-',
    'GET follow/{secret}' => '-',
    'POST follow/{secret}/answer' => '-',
    'POST follow/{secret}/withdraw' => '-',
    'POST follow/{secret}/mended' => '-',
    'GET places/{location}/report' => 'apstke',
    'POST places/{location}/report' => 'apstke',
    'GET requests' => EVERYBODY,
    'GET requests/{request}' => PLANT,
    'POST requests/{request}/accept' => 'aps',
    'POST requests/{request}/merge' => 'aps',
    'POST requests/{request}/decline' => 'aps',
    'POST requests/{request}/ask' => 'aps',
    'POST requests/{request}/may-run' => 'aps',
    'POST restrictions/{restriction}/lift' => 'aps',
    'GET orders/new' => 'aps',
    'GET orders/narrow' => PLANT,
    'POST orders/filters' => PLANT,
    'DELETE orders/filters/{filter}' => PLANT,
    'PUT methods/{method}/hands' => 'ap',
    'GET costs' => 'apsem',
    'GET costs/orders' => 'apsem',
    'GET costs.{format}' => 'apsem',
    'POST costs/lock' => 'am',
    'GET orders/table' => PLANT,
    'GET orders/table.{format}' => PLANT,
    'GET orders/board' => PLANT,
    'POST orders/table/columns' => PLANT,
    'POST orders/table/preview' => 'aps',
    'POST orders/table/change' => 'aps',
    'POST orders/table/undo' => 'aps',
    'PUT orders/{order}/urgency' => 'aps',
    'GET claims' => PLANT,
    'POST orders/{order}/claims' => 'aps',
    'PUT orders/{order}/claims/{claim}' => 'aps',
    'GET setup/webhooks' => 'a',
    'POST setup/webhooks' => 'a',
    'DELETE setup/webhooks/{webhook}' => 'a',
    'POST setup/webhooks/{webhook}/trial' => 'a',
    'POST setup/webhook-deliveries/{delivery}' => 'a',
    'PUT setup/webhook-hosts' => 'A',
    'GET orders/{order}/recharge' => 'apsem',
    'GET orders/{order}/recharge.pdf' => 'apsem',
    'GET orders/{order}/recharge.csv' => 'apsem',
    'PUT orders/{order}/recharge' => 'aps',
    'GET setup/recharge' => 'a',
    'PUT setup/recharge/tax' => 'a',
    'POST setup/recharge/references' => 'A',
    'DELETE setup/recharge/references' => 'A',
    'GET orders/{order}/contractors' => PLANT,
    'POST orders/{order}/contractors' => 'aps',
    'GET orders/{order}/contractors/{contract}.pdf' => 'apsem',
    'POST orders/{order}/contractors/{contract}/accept' => 'as',
    'GET contract/{secret}' => '-',
    'POST contract/{secret}' => '-',
    'PUT setup/work-lists/accounts' => 'A',
    'GET setup/order-fields' => 'A',
    'POST setup/order-fields' => 'A',
    'DELETE setup/order-fields/{orderField}' => 'A',
    'PUT orders/{order}/fields' => 'apst',
    'GET small-job' => 'apst',
    'POST small-job' => 'apst',
    'GET setup/standing-orders' => 'a',
    'POST setup/standing-orders' => 'a',
    'DELETE setup/standing-orders/{standing}' => 'a',
    'GET window' => 'aps',
    'POST assets/{asset}/window' => 'aps',
    'GET shutdowns' => PLANT,
    'GET shutdowns/new' => 'aps',
    'POST shutdowns' => 'aps',
    'GET shutdowns/{shutdown}' => PLANT,
    'GET shutdowns/{shutdown}/orders.{format}' => PLANT,
    'GET shutdowns/{shutdown}/edit' => 'aps',
    'PUT shutdowns/{shutdown}' => 'aps',
    'POST shutdowns/{shutdown}/orders' => 'aps',
    'DELETE shutdowns/{shutdown}/orders/{order}' => 'aps',
    'PUT shutdowns/{shutdown}/turns' => 'aps',
    'POST shutdowns/{shutdown}/approve' => 'aps',
    'POST shutdowns/{shutdown}/isolation' => 'aps',
    'POST shutdowns/{shutdown}/over' => 'aps',
    'GET emergency' => 'apste',
    'POST emergency' => 'apste',
    'POST orders/{order}/confirm' => 'as',
    'POST orders' => 'aps',
    'POST orders/{order}/plan/paste' => 'aps',
    'POST orders/{order}/plan/method' => 'aps',
    'POST orders/{order}/plan/before-start' => 'aps',
    'POST orders/{order}/plan/{line}' => 'aps',
    'DELETE orders/{order}/plan/{line}/{id}' => 'aps',
    'POST orders/{order}/parts' => 'apst',
    'POST orders/{order}/services' => 'aps',
    'PUT orders/{order}/plan/service/{id}' => 'aps',
    'PUT orders/{order}/failure' => 'apst',
    'POST orders/{order}/found' => 'apst',
    'POST orders/{order}/found-order' => 'aps',
    'POST orders/{order}/assets' => 'aps',
    'DELETE orders/{order}/assets/{row}' => 'aps',
    'PUT orders/{order}/assets/{row}' => 'apst',
    'POST orders/{order}/copy-steps' => 'aps',
    'PUT orders/{order}/spread' => 'aps',
    'POST orders/{order}/split' => 'aps',
    'POST orders/{order}/draw' => 'aps',
    'POST orders/{order}/links' => 'aps',
    'DELETE orders/{order}/links/{other}' => 'aps',
    'POST orders/{order}/as-planned' => 'apst',
    'PUT orders/{order}/repeats' => 'aps',
    'GET labels' => PLANT,
    'POST labels' => PLANT,
    'GET meters' => PLANT,
    'GET meters/{meter}' => PLANT,
    'GET meters/{meter}/edit' => 'aps',
    'PUT meters/{meter}' => 'aps',
    'POST meters/{meter}/readings' => 'apstke',
    'POST readings/{reading}/strike' => 'aps',
    'GET assets/{asset}/meters/new' => 'aps',
    'POST assets/{asset}/meters' => 'aps',
    'GET assets/{asset}/copy' => 'aps',
    'POST assets/{asset}/copies' => 'aps',
    'GET assets/{asset}/merge' => 'aps',
    'POST assets/{asset}/merge' => 'aps',
    'POST assets/{asset}/retire' => 'aps',
    'POST assets/{asset}/bring-back' => 'aps',
    'POST assets/{asset}/parts' => 'aps',
    'GET parts' => PLANT,
    'GET parts.{format}' => PLANT,
    'GET parts/new' => 'apk',
    'POST parts' => 'apk',
    'GET parts/{part}' => PLANT,
    'GET parts/{part}/edit' => 'apk',
    'PUT parts/{part}' => 'apk',
    'POST parts/{part}/merged' => 'apk',
    'POST lots/{lot}/off' => 'ak',
    'GET stops' => PLANT,
    'GET assets/{asset}/reliability' => PLANT,
    'GET assets/{asset}/stop-reasons' => 'apstke',
    'GET stops/list' => PLANT,
    'GET stops/list.{format}' => PLANT,
    'GET stops/reliability' => PLANT,
    'GET stops/helped' => PLANT,
    'GET stops/{stop}' => PLANT,
    'POST stops/{stop}/split' => 'aps',
    'POST stops/{stop}/merge' => 'aps',
    'POST stops/{stop}/move' => 'aps',
    'GET stops/oee' => PLANT,
    'GET stops/oee/rejects' => PLANT,
    'GET stops/oee/shifts' => PLANT,
    'GET stops/oee.{format}' => PLANT,
    'GET lines/new' => 'aps',
    'POST lines' => 'aps',
    'GET lines/{plantLine}' => PLANT,
    'PUT lines/{plantLine}' => 'aps',
    'GET lines/{plantLine}/settings' => 'aps',
    'POST lines/{plantLine}/patterns' => 'aps',
    'POST lines/{plantLine}/rates' => 'aps',
    'POST lines/{plantLine}/tablets' => 'aps',
    'POST tablets/{tablet}/revoke' => 'aps',
    'POST lines/{plantLine}/short-stops' => 'apstke',
    'POST short-stops/{short}/strike' => 'apstke',
    'POST lines/{plantLine}/calls' => 'apstke',
    'POST calls/{call}/come' => 'apst',
    'POST calls/{call}/arrived' => 'apstke',
    'POST calls/{call}/end' => 'apstke',
    'GET shifts/{shift}' => PLANT,
    'GET shifts/{shift}/band' => PLANT,
    'PUT shifts/{shift}' => 'apstke',
    'POST shifts/{shift}/sign' => 'aps',
    'POST shifts/{shift}/take-back' => 'aps',
    'GET products' => 'aps',
    'POST products' => 'aps',
    'PUT products/{product}' => 'aps',
    'GET wall' => PLANT,
    'GET wall/lines' => PLANT,
    'GET handovers' => PLANT,
    'POST handovers' => 'apstke',
    'GET handovers/{handover}' => PLANT,
    'POST handovers/{handover}/take' => 'apstke',
    'GET tablet' => '-',
    'GET tablet/state' => '-',
    'POST tablet/acts' => '-',
    'GET tablet/{secret}' => '-',
    'POST api/v1/line-signals' => 'apstkoe',
    'POST api/v1/shift-output' => 'apstkoe',
    'GET setup/reject-reasons' => 'A',
    'POST setup/reject-reasons' => 'A',
    'PUT setup/reject-reasons/{rejectReason}' => 'A',
    'POST stops/{stop}/why' => 'apstke',
    'GET setup/stop-reasons' => 'A',
    'POST setup/stop-reasons' => 'A',
    'PUT setup/stop-reasons/{stopReason}' => 'A',
    'PUT parts/{part}/fields' => 'apk',
    'GET setup/part-fields' => 'A',
    'POST setup/part-fields' => 'A',
    'DELETE setup/part-fields/{partField}' => 'A',
    'GET tools' => PLANT,
    'POST tools' => 'ak',
    'GET tools/{tool}' => PLANT,
    'PUT tools/{tool}' => 'ak',
    'POST tools/{tool}/lend' => 'ak',
    'POST tools/{tool}/back' => 'ak',
    'POST orders/{order}/tools' => 'aps',
    'DELETE orders/{order}/tools/{tool}' => 'aps',
    'POST parts/{part}/repairs' => 'ak',
    'POST repairs/{repair}/back' => 'ak',
    'GET api/v1/parts' => PLANT,
    'GET parts/{part}/moves.{format}' => PLANT,
    'POST parts/{part}/receive' => 'ak',
    'POST parts/{part}/carry' => 'ak',
    'POST parts/{part}/count' => 'ak',
    'POST parts/{part}/write-off' => 'ak',
    'PUT parts/{part}/stores/{store}' => 'ak',
    'POST stock-moves/{movement}/reverse' => 'ak',
    'GET setup/stores' => 'a',
    'POST setup/stores' => 'a',
    'PUT setup/stores/{store}' => 'a',
    'PUT setup/store-rules' => 'a',
    'GET purchases' => PLANT,
    'POST purchases' => 'ak',
    'GET purchases/{purchase}' => PLANT,
    'GET purchases/{purchase}/order.pdf' => 'apskem',
    'GET purchases/{purchase}/lines.{format}' => 'apskem',
    'POST purchases/{purchase}/move' => 'ak',
    'POST purchases/{purchase}/receipts' => 'ak',
    'POST purchases/{purchase}/mail' => 'ak',
    'GET stores/hold' => PLANT,
    'GET parts/{part}/hold' => PLANT,
    'POST parts/{part}/hold' => 'ak',
    'GET stores/figures' => 'apskem',
    'GET counts' => PLANT,
    'POST counts' => 'ak',
    'GET counts/{count}' => PLANT,
    'POST counts/{count}/counted' => 'ak',
    'POST counts/{count}/booked' => 'ak',
    'POST counts/{count}/drop' => 'ak',
    'POST parts/{part}/alternatives' => PLANT,
    'POST parts/{part}/alternatives/{substitute}' => 'ape',
    'POST parts/{part}/suppliers' => 'ak',
    'GET parts/labels' => PLANT,
    'GET parts/labels.pdf' => PLANT,
    'GET p/{part}' => PLANT,
    'GET floor/parts/{part}' => PLANT,
    'POST floor/parts/{part}' => PLANT,
    'GET floor/bins/{bin}' => PLANT,
    'GET b/{bin}' => PLANT,
    'GET picks' => PLANT,
    'GET parts/{part}/issue' => 'ak',
    'POST parts/{part}/issue' => 'ak',
    'POST orders/{order}/kit' => 'ak',
    'POST orders/{order}/hand-over' => 'ak',
    'GET api/v1/orders' => PLANT,
    'GET api/v1/orders/{order}' => PLANT,
    'POST api/v1/orders' => 'aps',
    'POST api/v1/orders/{order}/plan' => 'aps',
    'POST api/v1/orders/{order}/bookings' => 'apst',
    'GET api/v1/requests' => PLANT,
    'POST api/v1/requests' => 'apstkoe',
    'PUT drafts/on/{kind}/{id}' => PLANT,
    'POST documents/on/{kind}/{id}' => 'aps',
    'GET documents/{document}' => PLANT,
    'PUT documents/{document}' => 'aps',
    'GET documents/{document}/photo' => PLANT,
    'GET documents/{document}/marks.svg' => PLANT,
    'GET expiry' => PLANT,
    'GET expiry.{format}' => PLANT,
    'POST expiry/on/{kind}/{id}' => 'aps',
    'PUT expiry/{date}' => 'aps',
    'GET log' => PLANT,
    'GET log.{format}' => PLANT,
    'POST assets/{asset}/down' => 'apstke',
    'POST assets/{asset}/running' => 'apstke',
    'PUT stops/{stop}' => 'aps',
    'POST stops/{stop}/strike' => 'aps',
    'GET assets/table' => PLANT,
    'GET assets/table.{format}' => PLANT,
    'POST assets/table/columns' => PLANT,
    'POST assets/table/filters' => PLANT,
    'DELETE assets/table/filters/{filter}' => PLANT,
    'POST assets/table/preview' => 'aps',
    'POST assets/table/change' => 'aps',
    'POST assets/table/undo' => 'aps',
    'GET scan' => EVERYBODY,
    'GET import' => 'apstke',
    'GET import/{what}' => 'aps',
    'POST import/{what}' => 'aps',
    'GET import/{what}/template' => 'aps',
    'GET import/{what}/standing.{format}' => 'aps',
    'GET import/files/{import}' => 'aps',
    'PUT import/files/{import}' => 'aps',
    'POST import/files/{import}' => 'aps',
    'DELETE import/files/{import}' => 'aps',
    'GET import/files/{import}/problems' => 'aps',
    'GET import/files/{import}/progress' => 'aps',
    'GET calendar/{secret}.ics' => '-',
    'GET me/calendars' => PLANT,
    'POST me/calendars' => PLANT,
    'DELETE me/calendars/{feed}' => PLANT,
    'GET api/v1/openapi.json' => '-',
    'GET api' => EVERYBODY,
    'POST me/tokens' => EVERYBODY,
    'DELETE me/tokens/{token}' => EVERYBODY,
    'GET api/v1/assets' => PLANT,
    'POST api/v1/assets' => 'aps',
    'GET api/v1/assets/{asset}' => PLANT,
    'PATCH api/v1/assets/{asset}' => 'aps',
    'POST api/v1/assets/{asset}/meters' => 'aps',
    'GET api/v1/schedules' => PLANT,
    'GET api/v1/schedules/{schedule}' => PLANT,
    'GET api/v1/schedules/{schedule}/visits' => PLANT,
    'GET api/v1/outlook' => PLANT,
    'POST api/v1/release' => 'aps',
    'POST api/v1/schedules/{schedule}/release' => 'aps',
    'GET api/v1/meters' => EVERYBODY,
    'GET api/v1/meters/{meter}' => PLANT,
    'PATCH api/v1/meters/{meter}' => 'aps',
    'GET api/v1/meters/{meter}/readings' => PLANT,
    'POST api/v1/meters/{meter}/readings' => 'apstke',
    'POST api/v1/readings' => 'apstkoe',
    'POST api/v1/readings/{reading}/strike' => 'aps',
    'GET meters.{format}' => PLANT,
    'GET suppliers.{format}' => PLANT,
    'GET schedules.{format}' => PLANT,
    'GET orders.{format}' => PLANT,
    'GET meters/round' => 'apstkoe',
    'POST meters/round' => 'apstkoe',
    'GET tree' => PLANT,
    'POST tree/move' => 'aps',
    'GET places' => PLANT,
    'GET places/new' => 'aps',
    'POST places' => 'aps',
    'GET places/{location}' => PLANT,
    'PUT places/{location}' => 'aps',
    'GET methods' => PLANT,
    'GET methods/{method}' => PLANT,
    'GET methods/new' => 'ap',
    'POST methods' => 'ap',
    'GET methods/{method}/edit' => 'ap',
    'PUT methods/{method}' => 'ap',
    'GET methods/{method}.json' => PLANT,
    'GET methods/{method}/steps.csv' => PLANT,
    'GET methods/{method}/compare' => PLANT,
    'GET methods/{method}/preview' => PLANT,
    'POST methods/{method}/in-force' => 'ap',
    'DELETE methods/{method}/draft' => 'ap',
    'POST methods/{method}/parts' => 'ap',
    'DELETE methods/{method}/parts' => 'ap',
    'POST methods/import' => 'ap',
    'POST methods/{method}/steps' => 'ap',
    'POST assets/{asset}/tied' => 'aps',
    'DELETE assets/{asset}/tied' => 'aps',
    'GET assets/{asset}/together' => 'aps',
    'POST assets/{asset}/together' => 'aps',
    'GET orders/{order}/along' => 'aps',
    'POST orders/{order}/along' => 'aps',
    'DELETE orders/{order}/along/{visit}' => 'aps',
    'GET calendar' => PLANT,
    'GET outlook/what-if' => PLANT,
    'PUT schedules/{schedule}/move' => 'ap',
    'DELETE schedules/{schedule}/change' => 'ap',
    'GET rounds' => PLANT,
    'POST rounds' => 'ap',
    'GET rounds/{round}' => PLANT,
    'PUT rounds/{round}' => 'ap',
    'POST rounds/{round}/stations' => 'ap',
    'PUT rounds/{round}/stations' => 'ap',
    'DELETE rounds/{round}/stations/{asset}' => 'ap',
    'POST orders/{order}/revision' => 'aps',
    'POST orders/{order}/method' => 'ap',
    'GET outlook' => PLANT,
    'GET outlook.{format}' => PLANT,
    'GET schedules' => PLANT,
    'GET schedules/{schedule}' => PLANT,
    'GET schedules/{schedule}/edit' => 'ap',
    'PUT schedules/{schedule}' => 'ap',
    'POST schedules/{schedule}/end' => 'ap',
    'POST schedules/{schedule}/pause' => 'ap',
    'POST schedules/{schedule}/go-on' => 'ap',
    'POST schedules/{schedule}/skip' => 'ap',
    'DELETE schedules/{schedule}/skip' => 'ap',
    'POST schedules/{schedule}/count-from' => 'ap',
    'POST schedules/{schedule}/release' => 'aps',
    'DELETE release/{batch}' => 'aps',
    'GET assets/{asset}/schedules/new' => 'ap',
    'POST assets/{asset}/schedules/preview' => 'ap',
    'POST assets/{asset}/schedules' => 'ap',
    'GET orders' => PLANT,
    'GET orders/{order}' => PLANT,
    'PUT orders/{order}/assignment' => 'aps',
    'PUT orders/{order}/planned-day' => 'aps',
    'POST orders/{order}/approve' => 'aps',
    'POST orders/{order}/start' => 'apst',
    'GET orders/review' => 'as',
    'POST orders/review' => 'as',
    'POST orders/{order}/review/close' => 'as',
    'POST orders/{order}/review/back' => 'as',
    'GET orders/finished' => 'apst',
    'GET orders/finished/about' => 'apst',
    'POST orders/finished' => 'apst',
    'GET orders/new/waits' => 'aps',
    'POST orders/{order}/plan/former' => 'aps',
    'POST orders/{order}/repeat' => 'ap',
    'POST orders/{order}/hand-back' => 'apstke',
    'GET orders/{order}/hours' => 'apst',
    'POST orders/{order}/hours' => 'apst',
    'PUT assets/{asset}/isolation-points' => 'aps',
    'POST orders/{order}/isolation' => 'aps',
    'POST orders/{order}/isolation/share' => 'aps',
    'POST orders/{order}/isolation/{isolation}/{move}' => 'aps',
    'POST orders/{order}/stop-short' => 'aps',
    'GET setup/emergency' => 'a',
    'PUT setup/emergency' => 'a',
    'GET timer' => 'apst',
    'POST timer/stop' => 'apst',
    'DELETE timer' => 'apst',
    'POST orders/{order}/timer' => 'apst',
    'PUT orders/{order}/stage' => 'apst',
    'POST orders/{order}/hold' => 'apst',
    'POST orders/{order}/resume' => 'apst',
    'POST orders/{order}/finish' => 'apst',
    'PUT orders/{order}/finish' => 'apst',
    'POST orders/{order}/close' => 'as',
    'POST orders/{order}/reopen' => 'as',
    'POST orders/{order}/cancel' => 'aps',
    'POST orders/{order}/steps/{position}' => 'apst',
    'POST orders/{order}/steps' => 'apst',
    'POST orders/{order}/bookings' => 'apst',
    'POST orders/{order}/bookings/{booking}/strike' => 'apst',
    'GET release' => 'aps',
    'POST release' => 'aps',
    'GET release/{batch}' => 'aps',
];

/** @return array<string, Registered> */
function routesByName(): array
{
    $routes = [];
    foreach (Route::getRoutes() as $route) {
        foreach (array_diff($route->methods(), ['HEAD']) as $method) {
            $routes["{$method} ".($route->uri() === '/' ? '/' : ltrim($route->uri(), '/'))] = $route;
        }
    }
    unset($routes['GET storage/{path}'], $routes['PUT storage/{path}']);

    return $routes;
}

it('gives each route of the application a name of its own', function () {
    $names = [];
    foreach (app(Router::class)->getRoutes()->getRoutes() as $route) {
        if (str_starts_with($route->getActionName(), 'App\\')) {
            $names[] = $route->getName() ?? "none: {$route->uri()}";
        }
    }
    expect(array_filter($names, static fn (string $name): bool => str_starts_with($name, 'none')))
        ->toBe([])
        ->and(array_unique($names))
        ->toBe($names)
        ->and(count($names))
        ->toBeGreaterThan(250);
});

it('knows every route', function () {
    expect(array_keys(routesByName()))->toEqualCanonicalizing(array_keys(ROUTES));
});

/** @return array<string, int|string> a record of the plant for every parameter of a route */
function bindingsOf(Plant $plant): array
{
    $order = $plant->started();
    $booking = app(BookHours::class)(
        Actor::sundial(),
        $order,
        $plant->person('technician'),
        LocalDate::parse('2026-03-18'),
        WorkedMinutes::of(30),
    );
    $import = (string) Str::uuid();
    $bindings = [
        '{person}' => $plant->person('manager')->id,
        '{site}' => $plant->site->id,
        '{team}' => $plant->teamId,
        '{stop}' => app(ReportDown::class)(
            Actor::sundial(),
            $plant->motor,
            new DateTimeImmutable('2026-03-18 07:00:00'),
            StopSaid::because('broken belt'),
        )->id,
        '{trade}' => 1,
        '{class}' => $plant->pump->class_id,
        '{asset}' => $plant->pump->id,
        '{location}' => $plant->hall->id,
        '{import}' => $import,
        '{method}' => $plant->method->id,
        '{schedule}' => 1,
        '{order}' => $order->id,
        '{position}' => 1,
        '{row}' => (int) $order->rows()->value('id'),
        '{other}' => $order->id,
        '{booking}' => $booking->id,
        '{isolation}' => app(IssueIsolation::class)(
            Actor::sundial(),
            $order,
            ['valve'],
            new DateTimeImmutable('2026-03-18 18:00:00'),
        )->id,
        '{move}' => 'suspend',
        '{batch}' => ReleaseBatch::query()->firstOrFail()->id,
    ];
    $picture = tempnam(sys_get_temp_dir(), 'p');
    imagepng(imagecreatetruecolor(40, 30), $picture);
    $bindings['{document}'] = app(Attach::class)(
        Actor::sundial(),
        $plant->pump->subject(),
        $picture,
        'pump.png',
    )[0]->id;
    [$bindings['{kind}'], $bindings['{id}']] = ['asset', $plant->pump->id];
    $bindings['{date}'] = app(SaveExpiry::class)(Actor::sundial(), $plant->pump->subject(), null, ExpiryInput::of([
        'what' => 'insurance',
        'until' => '2027-01-01',
    ]))->id;
    $bindings['{round}'] = app(SaveRound::class)(Actor::sundial(), null, $plant->site->id, 'Oil round')->id;
    $bindings['{visit}'] = DB::table('visits')->value('id');
    $bindings['{filter}'] = 1;
    $bindings['{token}'] = $bindings['{feed}'] = 1;
    $bindings['{what}'] = 'register';
    $bindings['{format}'] = 'csv';
    $bindings['{centre}'] = app(SaveCostCentre::class)(Actor::sundial(), null, 'C-1', 'Spinning')->id;
    $bindings['{unit}'] = app(SaveUnit::class)(Actor::sundial(), null, 'kW', 'kilowatt')->id;
    $bindings['{field}'] = app(SaveField::class)(
        Actor::sundial(),
        null,
        FieldInput::of(['name' => 'Colour', 'type' => 'text']),
    )->id;
    $bindings['{part}'] = app(SavePart::class)(
        Actor::sundial(),
        null,
        PartInput::of(['number' => 'BRG-1', 'name' => 'Bearing']),
    )->id;
    $bindings['{supplier}'] = app(SaveSupplier::class)(
        Actor::sundial(),
        null,
        SupplierInput::of(['name' => 'Hollin Bearings']),
    )->id;
    $bindings['{contract}'] = DB::table('contracts')->insertGetId([
        'order_id' => $order->id,
        'site_id' => $plant->site->id,
        'supplier_id' => $bindings['{supplier}'],
        'host_id' => $plant->person('planner')->id,
        'state' => 'ordered',
        'secret_hash' => hash('sha256', 'secret'),
        'who' => 'Sundial',
        'ordered_on' => '2026-03-18',
    ]);
    $bindings['{word}'] = DB::table('failure_words')->value('id');
    $bindings['{line}'] = 'step';
    $bindings['{request}'] = $plant->report('It squeals')->id;
    $bindings['{restriction}'] = DB::table('restrictions')->insertGetId([
        'site_id' => $plant->site->id,
        'asset_id' => $plant->pump->id,
        'what' => 'at half speed',
        'who' => 'Sundial',
        'set_at' => '2026-03-18 08:00:00',
    ]);
    $bindings['{claim}'] = DB::table('warranty_claims')->insertGetId([
        'order_id' => $order->id,
        'site_id' => $plant->site->id,
        'asset_id' => $plant->pump->id,
        'what' => 'Seal',
        'state' => 'claimed',
        'claimed_on' => '2026-03-18',
        'who' => 'Sundial',
    ]);
    $bindings['{webhook}'] = DB::table('webhooks')->insertGetId([
        'site_id' => $plant->site->id,
        'url' => 'https://example.org/',
        'secret' => '',
        'events' => '[]',
    ]);
    $bindings['{delivery}'] = DB::table('webhook_deliveries')->insertGetId([
        'webhook_id' => $bindings['{webhook}'],
        'event' => 'trial',
        'body' => '{}',
        'state' => 'failed',
        'attempts' => 6,
        'made_at' => '2026-03-18 08:00:00',
    ]);
    foreach (['order', 'part'] as $kind) {
        $bindings["{{$kind}Field}"] = DB::table('record_fields')->insertGetId([
            'kind' => $kind,
            'name' => 'Wing',
            'type' => 'text',
        ]);
    }
    $bindings['{standing}'] = DB::table('standing_orders')->insertGetId([
        'site_id' => $plant->site->id,
        'title' => 'Small jobs',
        'type' => 'corrective',
    ]);
    $bindings['{shutdown}'] = $plant->shutdown()->id;
    $shelf = Shelf::of($plant);
    $shelf->part('SEAL-1', [[4, '5.00']]);
    $bindings['{bin}'] = 'A-1';
    $bindings['{store}'] = $shelf->store->id;
    $bindings['{substitute}'] = $shelf->part('SEAL-2')->part_id;
    $bindings['{movement}'] = DB::table('stock_moves')->value('id');
    $bindings['{stopReason}'] = DB::table('stop_reasons')->insertGetId(['name' => 'snag', 'kind' => 'failure']);
    $floor = LineFloor::of($plant);
    $bindings['{plantLine}'] = $floor->line->id;
    $bindings['{shift}'] = $floor->shift('2026-03-18')->id;
    $bindings['{product}'] = $floor->product->id;
    $bindings['{secret}'] = app(SignTabletIn::class)(Actor::sundial(), $floor->line, 'by the pump');
    $bindings['{tablet}'] = DB::table('line_tablets')->value('id');
    $bindings['{call}'] = app(CallMaintenance::class)(
        Actor::sundial(),
        $floor->line,
        $plant->pump,
        'it squeals',
        new DateTimeImmutable('2026-03-18 07:50:00'),
    )->id;
    $bindings['{short}'] = app(NoteShortStops::class)(
        Actor::sundial(),
        $floor->line,
        new ShortTyped(new DateTimeImmutable('2026-03-18 07:00:00'), 4, 200, 'Jam'),
    )->id;
    $bindings['{handover}'] = app(GiveShiftOver::class)(
        $plant->person('supervisor'),
        $plant->site->id,
        ['day' => '2026-03-17', 'shift' => 'late'],
        null,
        [],
    )->id;
    $bindings['{rejectReason}'] = DB::table('reject_reasons')->insertGetId(['name' => 'stain']);
    $bindings['{lot}'] = DB::table('lots')->insertGetId([
        'site_id' => $plant->site->id,
        'stock_id' => DB::table('stock')->value('id'),
        'name' => 'S-1',
        'came_on' => '2026-03-01',
    ]);
    $bindings['{repair}'] = DB::table('part_repairs')->insertGetId([
        'site_id' => $plant->site->id,
        'stock_id' => DB::table('stock')->value('id'),
        'quantity' => 1,
        'value_cents' => 0,
        'left_cents' => 0,
        'sent_on' => '2026-03-01',
        'expected_on' => '2026-03-20',
        'sent_who' => 'Sundial',
    ]);
    $bindings['{tool}'] = DB::table('tools')->insertGetId([
        'site_id' => $plant->site->id,
        'number' => 'T-1',
        'name' => 'Puller',
    ]);
    $bindings['{purchase}'] = $shelf->onItsWay('SEAL-1', 2, '2026-03-25');
    $bindings['{count}'] = app(PlanCount::class)(
        Actor::sundial(),
        $shelf->store,
        'all',
        DB::table('stock')->pluck('id')->all(),
        true,
    )->id;
    $bindings['{code}'] = ShortCode::of($plant->pump->id)->code;
    $bindings['{meter}'] = $plant->meter(1)->id;
    $bindings['{reading}'] = DB::table('readings')->value('id');
    $bindings['{trade}'] = DB::table('trades')->value('id');
    $bindings['{schedule}'] = DB::table('schedules')->value('id');

    return $bindings;
}

function tokenOf(Plant $plant, string $login): string
{
    return $plant->person($login)->createToken('test', ['read', 'write'])->plainTextToken;
}

it('lets each role where it belongs, and nobody else', function () {
    $plant = Plant::build();
    $bindings = bindingsOf($plant);
    $import = (string) $bindings['{import}'];
    $letters = [
        'a' => 'administrator',
        'p' => 'planner',
        's' => 'supervisor',
        't' => 'technician',
        'k' => 'storekeeper',
        'o' => 'operator',
        'e' => 'engineer',
        'm' => 'manager',
    ];
    $wrong = [];
    foreach (ROUTES as $name => $who) {
        [$method, $uri] = explode(' ', $name, 2);
        $address = '/'.ltrim(strtr($uri, $bindings), '/');
        if ($who === '-') {
            continue;
        }
        $this->fresh()->app['auth']->forgetGuards();
        $guest = $this->call($method, $address)->getStatusCode();
        if (! in_array($guest, str_starts_with($uri, 'api/v1') ? [401] : [302, 419], true)) {
            $wrong[] = "guest {$name}: {$guest}";
        }
        foreach ([...$letters, 'x' => 'stranger'] as $letter => $login) {
            DB::beginTransaction();
            // Each may take over what they uploaded themselves.
            str_contains($uri, '{import}') && DB::table('imports')->insert([
                'id' => $import,
                'what' => 'register',
                'site_id' => $plant->site->id,
                'user_id' => User::query()->where('login', $login)->value('id'),
                'file_name' => 'a.csv',
                'content' => 'tag,name',
                'made_at' => '2026-03-18 08:00:00',
            ]);
            $this->flushSession()->as($login);
            $headers = [];
            if (str_starts_with($uri, 'api/v1')) {
                $this->app['auth']->forgetGuards();
                $headers = [
                    'HTTP_AUTHORIZATION' => 'Bearer '.tokenOf($plant, $login),
                ];
            }
            $status = $this->call($method, $address, server: $headers)->getStatusCode();
            DB::rollBack();
            // A stranger holds every role, but at another site: no record of this one is theirs.
            $record =
                preg_match(
                    '/\{(asset|date|document|id|meter|reading|location|schedule|order|batch|import|round|person|'.
                        'site|team|stop|request|restriction|shutdown|standing|webhook|delivery|claim|'.
                        'store|movement|purchase|count|lot|tool|repair|plantLine|shift|product|tablet|call|short|'.
                        'handover)\}/',
                    $uri,
                ) === 1;
            // What is the same at every site (A) is for plant administrators, as ours is.
            $may = $letter === 'x' ? ! $record && $who !== 'A' : stripos($who, $letter) !== false;
            if ($may === in_array($status, [403, 404], true) || $status >= 500) {
                $wrong[] = "{$login} {$name}: {$status}";
            }
        }
    }
    expect($wrong)->toBe([]);
});

it('shows operators the assets of their line and no others', function () {
    $plant = Plant::build();
    DB::table('location_operators')->insert([
        'location_id' => $plant->hall->id,
        'user_id' => $plant->person('operator')->id,
    ]);
    $yard = app(App\Register\Actions\SaveLocation::class)(Actor::sundial(), null, $plant->site->id, LocationInput::of([
        'tag' => 'YARD',
        'name' => 'Yard',
    ]));
    $far = $plant->asset('FAR-1', 'Far pump', $yard->tag);
    $this->as('operator')->get('/assets')->assertOk()->assertSee('Feed pump 1')->assertDontSee('Far pump');
    $this->as('operator')
        ->get("/assets/{$plant->motor->id}")
        ->assertOk()
        ->assertDontSee('href="/places', false)
        ->assertSee("href=\"/assets?place={$plant->hall->id}", false);
    $this->as('operator')
        ->get("/assets/{$far->id}")
        ->assertForbidden();
});

it('keeps a technician off orders of others', function () {
    $plant = Plant::build();
    $order = $plant->started();
    $order->update(['team_id' => null, 'assignee_id' => $plant->person('supervisor')->id]);
    $this->as('technician')
        ->post("/orders/{$order->id}/finish", ['finished_at' => '2026-03-18T08:00'])
        ->assertForbidden();
    $this->as('technician')
        ->post("/orders/{$order->id}/steps/1", ['done' => 1])
        ->assertForbidden();
});

/** @return list<string> the names of all fields that controllers and their rules take */
function fieldsTaken(): array
{
    $names = [];
    foreach (glob(base_path('app/*/{Http,Methods}/*.php'), GLOB_BRACE) ?: [] as $file) {
        preg_match_all("/'(\\w+)(?:\\.[\\w.*]+)?' => \\[/", (string) file_get_contents($file), $found);
        $names = [...$names, ...$found[1]];
    }

    return array_values(array_unique($names));
}

it('refuses nothing in silence: what a route does not take is said in the page that follows', function () {
    $plant = Plant::build();
    $bindings = bindingsOf($plant);
    $nonsense = array_fill_keys(fieldsTaken(), '✗ nonsense');
    [$silent, $refused] = [[], 0];
    foreach (ROUTES as $name => $who) {
        [$method, $uri] = explode(' ', $name, 2);
        if ($method === 'GET' || $who === '-' || str_starts_with($uri, 'api/') || str_contains($uri, '{import}')) {
            continue;
        }
        DB::beginTransaction();
        $this->flushSession()->as('administrator');
        $answer = $this->from('/today')->call($method, '/'.strtr($uri, $bindings), $nonsense);
        $errors = session('errors')?->getBag('default')->all() ?? [];
        if ($answer->getStatusCode() >= 500) {
            $silent[] = "{$name}: {$answer->getStatusCode()}";
        } elseif ($errors !== []) {
            $refused++;
            $page = (string) $this->get('/today')->getContent();
            foreach ($errors as $message) {
                if (! str_contains($page, e((string) preg_replace('/\s+/', ' ', $message)))) {
                    $silent[] = "{$name}: {$message}";
                }
            }
        }
        DB::rollBack();
    }
    expect($silent)->toBe([])->and($refused)->toBeGreaterThan(40);
});
