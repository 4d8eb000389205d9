@foreach ($nodes as $node)
    @php
        $openOrdersWords =
            $node->openOrders > 0 ? ', ' . $w->count($node->openOrders, 'open order') : '';
        $lateWords = $node->late > 0 ? ", {$node->late} late" : '';
    @endphp
    <li role="treeitem" data-node="{{ $node->key }}" data-name="{{ $node->name }}"
        aria-level="{{ $depth }}" tabindex="{{ $loop->first && $depth === 1 ? 0 : -1 }}"
        aria-label="{{ $node->name }} {{ $node->tag }}{{ $openOrdersWords }}{{ $lateWords }}"
        @if ($node->hasChildren) aria-expanded="{{ $node->open ? 'true' : 'false' }}" @endif
        @if ($current === $node->key) aria-current="true" @endif @class(['node', 'found' => $node->found, 'unused' => !$node->inUse])>
        <div class="line">
            @if ($node->hasChildren)
                <a class="twist"
                    href="{{ $node->isLocation() ? $node->href() : "/places?open={$node->key}" }}"
                data-twist tabindex="-1" aria-hidden="true"></a>@else<span
                    class="twist none"></span>
            @endif
            <a class="goes" href="{{ $node->href() }}" data-record="{{ $node->href() }}"
                hx-target="#sheet" tabindex="-1" draggable="false"><span
                    @class(['nm', 'place' => $node->isLocation()])>{{ $node->name }}</span> <span
                    class="tag">{{ $node->tag }}</span></a>
            @if ($node->openOrders > 0)
                <span class="open"
                    title="{{ $w->count($node->openOrders, 'open order') }} inside">{{ $node->openOrders }}</span>
                @endif @if ($node->late > 0)
                    <span class="late"
                        title="{{ $w->count($node->late, 'asset') }} late inside">{{ $node->late }}
                        late</span>
                @endif
        </div>
        @if ($node->hasChildren)
            <ul role="group">
                @if ($node->open)
                    @include('register.places.level', [
                        'nodes' => $node->children,
                        'depth' => $depth + 1,
                    ])
                @endif
            </ul>
        @endif
    </li>
@endforeach
