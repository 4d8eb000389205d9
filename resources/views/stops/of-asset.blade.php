<dl class="facts">
    <div>
        <dt>failures in twelve months</dt>
        <dd><a href="{{ $stops }}" hx-boost="false">{{ $is->failures }}</a></dd>
    </div>
    <div>
        <dt>between failures</dt>
        <dd>{{ $said->mtbf($is) }}</dd>
    </div>
    <div>
        <dt>to restore</dt>
        <dd>{{ $said->mttr($is) }}</dd>
    </div>
    <div>
        <dt>available, round the clock</dt>
        <dd>{{ $said->share($is->availability()) }}</dd>
    </div>
    <div>
        <dt>technically</dt>
        <dd>{{ $said->share($is->technicalAvailability()) }}</dd>
    </div>
</dl>
