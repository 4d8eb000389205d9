@php
    [$mine, $site_] = [
        array_filter($groups, fn($group) => $group->mine),
        array_filter($groups, fn($group) => !$group->mine),
    ];
@endphp
<div class="head bare">
    <div>
        <h2>Today <span class="quiet">{{ $w->weekday($today) }}, {{ $site->name }}</span></h2>
        @if ($groups !== [])
            <div class="meta">
                @foreach ($groups as $group)
                    <span><a class="plain" href="#{{ str_replace(' ', '-', $group->key) }}"
                            hx-boost="false"><b>{{ $group->count >= 1000 ? '1 000+' : $group->count }}</b>
                            {{ $group->counted() }}</a></span>
                @endforeach
            </div>
        @endif
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        @foreach ($errors->all() as $error)
            <p class="said said-bad" role="alert">{{ $error }}</p>
        @endforeach
        @if ($groups === [])
            <div class="empty">
                <p>Nothing waits: no visit is late, due or near, and no order is open. What comes
                    next stands on the
                    horizon below and in the <a href="/outlook">outlook</a>.</p>
                @can('write-register')
                    <p>A plant begins with its register: <a href="/import/register">load it from a
                            file</a>, or <a href="/assets/new">add the first asset</a>.</p>
                @endcan
            </div>
        @endif
        <div @class(['today', 'one' => $mine === [] || $site_ === []])>
            @foreach (array_filter(['For me' => $mine, 'For the site' => $site_]) as $whose => $part)
                <div>
                    <p class="whose">{{ $whose }}</p>
                    @foreach ($part as $group)
                        <section class="part" id="{{ str_replace(' ', '-', $group->key) }}">
                            <h3>{{ $group->title }} <span class="aside quiet">
                                    @if ($group->count > count($group->lines))
                                        <a href="{{ $group->all }}">all
                                            @php
                                                $countWords =
                                                    $group->count >= 1000
                                                        ? '1 000+'
                                                        : $group->count;
                                            @endphp
                                            {{ $countWords }}</a>@else{{ $group->count }}
                                    @endif
                                </span>
                            </h3>
                            <ul class="todo">
                                @foreach ($group->lines as $line)
                                    @php
                                        $next = $line->next['label'] ?? '';
                                    @endphp

                                    <li>{!! $line->mark !!}<a class="what"
                                            href="{{ $line->href }}"><span
                                                class="n"><b>{{ $line->name }}</b> <span
                                                    class="tag">{{ $line->tag }}</span></span><span
                                                class="w {{ $line->tone }}">{{ $line->words }}</span></a>
                                        @if ($line->next && $line->next['method'] === 'post')
                                            <form method="post"
                                                action="{{ $line->next['href'] }}">@csrf
                                                @if (isset($line->next['version']))
                                                    <x-decided :of="(object) $line->next" />
                                                @endif
                                                <button class="btn slim"
                                                    aria-label="{{ $next }} {{ $line->tag }}">{{ $next }}</button>
                                            </form>
                                        @elseif ($line->next)
                                            @php
                                                $says = "{$next} {$line->tag}: {$line->name}";
                                            @endphp
                                            <a class="btn slim" href="{{ $line->next['href'] }}"
                                                aria-label="{{ $says }}">{{ $next }}</a>
                                        @endif
                                    </li>
                                @endforeach
                            </ul>
                        </section>
                    @endforeach
                </div>
            @endforeach
        </div>
    </div>
</div>
