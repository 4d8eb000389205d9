<div class="head bare">
    <div>
        <h2>Life states</h2>
        <div class="meta">What each state does is fixed; say here what it means in your plant.
        </div>
    </div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <form class="form" method="post" action="/setup/life-states">@csrf @method('put')
            <x-seen :mark="$seen" />
            @php
                $inRows = [
                    'in service' => 'Its schedules make orders.',
                    'standby' => 'Its schedules make orders, as for one in service.',
                    'out of service' => 'Its schedules are held up, and go on when it is back.',
                    'retired' =>
                        'As out of service, and it is no longer offered. Its history stays.',
                ];
            @endphp
            @foreach ($inRows as $state => $does)
                <x-field name="meaning[{{ $state }}]" :label="ucfirst($state)" :value="$meanings[$state]"
                    :hint="$does" maxlength="250" />
            @endforeach
            <button class="btn strong">Save the meanings</button>
        </form>
    </div>
</div>
