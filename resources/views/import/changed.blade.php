                @if ($changed !== [])
                    <section class="part">
                        <h3>What would change <small>{{ count($changed) }}</small></h3>
                        <div class="scroll">
                            <table class="dense">
                                <thead>
                                    <tr>
                                        <th class="r">row</th>
                                        <th>which</th>
                                        <th>column</th>
                                        <th>from</th>
                                        <th>to</th>
                                    </tr>
                                </thead>
                                <tbody>
                                    @foreach (array_slice($changed, 0, 100) as $row)
                                        @foreach ($row->changes as $key => [$old, $new])
                                            <tr>
                                                <td class="r">
                                                    {{ $loop->first ? $row->row : '' }}
                                                </td>
                                                <td class="tag">
                                                    {{ $loop->first ? $label($row) : '' }}</td>
                                                <td>{{ $names($key) }}</td>
                                                <td class="w">
                                                    {{ $old === null ? 'nothing' : $columns[$key]->typed($old) }}
                                                </td>
                                                <td>{{ $new === null ? 'nothing' : $columns[$key]->typed($new) }}
                                                </td>
                                            </tr>
                                        @endforeach
                                    @endforeach
                                </tbody>
                            </table>
                        </div>
                        @if (count($changed) > 100)
                            <p class="quiet">And {{ count($changed) - 100 }} more rows.</p>
                        @endif
                    </section>
                @endif
