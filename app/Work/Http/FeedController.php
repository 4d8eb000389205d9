<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\People\Queries\PeopleLists;
use App\Platform\Clock\Clock;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Work\Actions\Setup\MakeCalendarFeed;
use App\Work\Actions\Setup\NoteFeedRead;
use App\Work\Actions\Setup\RevokeCalendarFeed;
use App\Work\Models\CalendarFeed;
use App\Work\Queries\FeedEvents;
use App\Work\Queries\FeedsOf;
use DateTimeImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Sabre\VObject\Component\VCalendar;
use Sundial\Access\Right;

/** Secret addresses from which calendars elsewhere read. */
final class FeedController
{
    public function __construct(private readonly CurrentSite $site, private readonly PeopleLists $people)
    {
    }

    public function index(Request $request, FeedsOf $feeds): Page
    {
        return Page::in('me', 'Calendar addresses')->sheet('work.feeds', [
            'feeds' => $feeds($request->user()->id),
            'teams' => $this->people->teams($this->site->id()),
            'site' => $this->site->get(),
        ]);
    }

    public function store(Request $request, MakeCalendarFeed $make): RedirectResponse
    {
        $given = $request->validate(
            [
                'what' => ['required', Rule::in([CalendarFeed::MINE, CalendarFeed::TEAM, CalendarFeed::SITE])],
                'team_id' => [
                    'required_if:what,team',
                    'nullable',
                    Rule::exists('teams', 'id')->where('site_id', $this->site->id()),
                ],
            ],
            ['team_id.required_if' => 'Choose the team.'],
        );
        $secret = $make(
            $request->user(),
            $this->site->id(),
            $given['what'],
            isset($given['team_id']) ? (int) $given['team_id'] : null,
        );

        return redirect('/me/calendars')->with('feed', url("/calendar/{$secret}.ics"));
    }

    public function revoke(Request $request, int $feed, RevokeCalendarFeed $revoke): RedirectResponse
    {
        $revoke($request->user(), $feed);

        return redirect('/me/calendars')->with('said', 'The address gives nothing any more.');
    }

    /** Read by a calendar elsewhere, with no session: the secret is the key, as long as its owner may see the site. */
    public function read(string $secret, FeedEvents $events, NoteFeedRead $note, Clock $clock): Response
    {
        $feed = CalendarFeed::bySecret($secret) ?? abort(404);
        abort_if(
            ! $feed->owner->holds(Right::SeePlant, $feed->site_id) ||
                ! $this->site->holds($feed->site_id, $feed->user_id),
            404,
        );
        $now = $clock->now();
        $note($feed, $now);
        $calendar = new VCalendar([
            'PRODID' => '-//Sundial//Work//EN',
            'X-WR-CALNAME' => $feed->title(),
            'X-WR-TIMEZONE' => $feed->site->timezone,
            'REFRESH-INTERVAL;VALUE=DURATION' => 'PT1H',
        ]);
        foreach ($events->of($feed, $feed->site->dayOf($now)) as $told) {
            $day = new DateTimeImmutable($told['on']);
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "{$told['uid']}@sundial",
                'SUMMARY' => $told['summary'].($told['expected'] ? ' (expected)' : ''),
                'DTSTAMP' => DateTimeImmutable::createFromInterface($now),
                'DESCRIPTION' => $told['description'],
                'URL' => url($told['href']),
                'TRANSP' => 'TRANSPARENT',
            ]);
            // Days of the site, with no time and no zone: they stay the same day wherever the calendar is read.
            $event->add('DTSTART', $day, ['VALUE' => 'DATE']);
            $event->add('DTEND', $day->modify('+1 day'), ['VALUE' => 'DATE']);
            $calendar->add($event);
        }

        if (! isset($calendar->VEVENT)) {
            // A calendar holds at least one component (RFC 5545, section 3.6), also while there is nothing to tell.
            $zone = $calendar->createComponent('VTIMEZONE', ['TZID' => 'UTC']);
            $zone->add(
                $calendar->createComponent('STANDARD', [
                    'DTSTART' => '19700101T000000',
                    'TZOFFSETFROM' => '+0000',
                    'TZOFFSETTO' => '+0000',
                ]),
            );
            $calendar->add($zone);
        }

        return response($calendar->serialize(), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'private, no-store',
            'X-Robots-Tag' => 'noindex',
        ]);
    }
}
