<h3>What happens next</h3>
@if ($problem)<p class="error">{{ $problem }}</p>@else
<p class="small">{{ $sentence }}</p>
@if ($turn)<p class="small">Levels: {{ $turn }}.</p>@endif
@if ($usage)<p class="small">{{ $usage }}.</p>@endif
@if ($visits !== [])<table><thead><tr><th>visit</th><th class="r">order made</th></tr></thead><tbody>@foreach ($visits as $visit)<tr><td>{{ $visit->expected ? '≈ ' : '' }}{{ $words->weekday($visit->planned) }}@isset($levels[$loop->index]) <span class="tag">{{ $levels[$loop->index] }}</span>@endisset @if ($visit->early)<div class="quiet small">{{ $words->day($visit->early) }} to {{ $words->day($visit->late) }}</div>@endif</td><td class="r">{{ $words->day($visit->dates()->release) }}</td></tr>@endforeach</tbody></table>@endif
@if ($visits === [] && $warnings === [])<p class="error">No visit falls within its end.</p>@endif
@foreach ($warnings as $warning)<p class="note small">{{ $warning }}</p>@endforeach
<p class="quiet small">If each visit is done on its day{{ $usage ? ', and the meter goes on as it does (≈ is expected)' : '' }}.</p>@endif
