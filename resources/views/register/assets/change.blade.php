        @can('update', $asset)<section class="part" id="change">
                <h3>Change</h3>
                @if ($asset->merged_into_id)
                    <p class="quiet small">Merged records stay as they are.</p>
                @else
                    <p class="buttons"><a class="btn slim" href="/assets/{{ $asset->id }}/edit">Edit
                            its facts</a><a class="btn slim" href="/assets/{{ $asset->id }}/copy">Make
                            more like it</a><a class="btn slim"
                            href="/assets/{{ $asset->id }}/merge">Merge with
                            another record</a></p>
                    @if ($asset->life_state->value === 'retired')
                        <form class="inline-form" method="post"
                            action="/assets/{{ $asset->id }}/bring-back">@csrf<div class="field">
                                <label>Bring it back as<br><select name="life_state">
                                        <option>in service</option>
                                        <option>standby</option>
                                        <option>out of service</option>
                                    </select></label>
                            </div><button class="btn">Bring it back</button>
                        </form>
                    @else<details class="act" @error('reason') open @enderror>
                            <summary>Retire it</summary>
                            <form method="post" action="/assets/{{ $asset->id }}/retire">
                                @csrf<x-field name="reason" label="Why" required maxlength="250"
                                    hint="Its schedules stop and it is no longer offered; its history stays, and it can be brought back." />
                                @if (count($inside) > 0)
                                    <div class="field"><label><input type="checkbox" name="inside"
                                                value="1"> with
                                            all that stands inside it</label></div>
                                @endif
                                <button class="btn danger">
                                    Retire {{ $asset->tag }}</button>
                            </form>
                        </details>
                    @endif
                @endif
            </section>
        @endcan
