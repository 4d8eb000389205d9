@if ($may('close'))
    <section class="part form" id="close">
        <h3>Review</h3>
        <form data-form="close" method="post" action="{{ $by }}/close">@csrf<x-decided
                :of="$order" /><x-field name="review" label="Remark of the review"
                type="textarea" /><button class="btn strong">Close
                {{ $order->label() }}</button></form>
    </section>
@endif
