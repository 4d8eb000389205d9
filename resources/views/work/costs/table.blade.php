<div class="scroll">
    <table class="ledger costs">
        <thead>
            <tr>
                <th>{{ $slice->by->label() }}</th>
                <th class="r">hours</th>
                <th class="r">labour</th>
                <th class="r">parts</th>
                <th class="r">services</th>
                <th class="r">in all</th>
                <th class="drop"></th>
            </tr>
        </thead>
        <tbody>
            @foreach ($lines as $line)
                <tr>
                    <th scope="row">
                        @if ($line->deeper)
                            <a href="{{ $line->deeper }}">{{ $line->name }}</a>
                        @else
                            {{ $line->name }}
                        @endif
                    </th>
                    <td class="r quiet">{{ $line->hours }}</td>
                    @foreach ($line->figures as [$words, $href])
                        <td class="r"><a class="plain"
                                href="{{ $href }}">{{ $words }}</a></td>
                    @endforeach
                    <td class="drop"><svg class="bars" width="110" height="12"
                            viewBox="0 0 1000 100" preserveAspectRatio="none" aria-hidden="true">
                            <rect class="fact" x="4" y="8" width="{{ max(0, $line->share - 8) }}"
                                height="84" />
                        </svg></td>
                </tr>
            @endforeach
            <tr class="sum">
                <th scope="row">In all</th>
                <td class="r quiet">{{ $hours }}</td>
                @foreach ($sum as [$words, $href])
                    <td class="r"><a class="plain"
                            href="{{ $href }}">{{ $words }}</a>
                    </td>
                @endforeach
                <td class="drop"></td>
            </tr>
        </tbody>
    </table>
</div>
