        @if ($draft)
            <div class="note">Revision {{ $draft->number }} is a
                @php
                    $inForceWords = $method->inForce
                        ? '; orders follow revision ' .
                            $method->inForce->number .
                            ' until it is put in force'
                        : '; nothing is released by this method until it is put in force';
                @endphp
                draft{{ $inForceWords }}.
                @if ($method->inForce)
                    @php
                        $numberWords = $method->inForce->number;
                    @endphp
                    <a
                        href="/methods/{{ $method->id }}/compare?old={{ $numberWords }}&new={{ $draft->number }}">See
                        what it changes</a>
                @endif
                @can('write-plans')
                    <form class="inline-form" method="post"
                        action="/methods/{{ $method->id }}/in-force">@csrf<div class="field">
                            <label>Why<br><input name="why" size="34" maxlength="250"
                                    required></label>
                        </div><button class="btn strong">Put revision
                            {{ $draft->number }} in force</button></form>
                    @if ($method->inForce)
                        <form method="post" action="/methods/{{ $method->id }}/draft">@csrf
                            @method('delete')<button class="link">Throw the draft away</button></form>
                    @endif
                @endcan
            </div>
        @endif
