@if ($along || $errors->has('schedules'))
    <section class="part" id="along">
        <h3>Take along <span class="aside quiet">due soon on {{ $where->tag }},
                inside it, or stopped
                with it</span></h3>
        @error('schedules')
            <span class="error" role="alert">{{ $message }}</span>
        @enderror
        <div id="along-at-{{ $order->version }}" hx-get="{{ $by }}/along" hx-trigger="load"
            hx-target="this" hx-swap="innerHTML" hx-push-url="false">
            <a href="{{ $by }}/along">The visits that could go along</a>
        </div>
    </section>
@endif
