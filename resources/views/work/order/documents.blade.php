@if ($mayHang || $documents->isNotEmpty())
    <section class="part" id="documents">
        @include('documents.section', [
            'subject' => $order->subject(),
            'mayWrite' => $mayHang,
        ])
    </section>
@endif
