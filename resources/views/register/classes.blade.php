<div class="head bare">
    <div>
        <h2>Equipment classes</h2>
    </div>
</div>
<div class="body whole">
    <div class="secs form"><x-said />
        @error('name')
            <p class="said said-bad" role="alert">{{ $message }}</p>
            @enderror @error('stale')
            <p class="said said-bad" role="alert">{{ $message }}</p>
        @enderror
        <table>
            <thead>
                <tr>
                    <th>class, and its level after ISO 14224</th>
                    <th class="r">assets</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($classes as $class)
                    <tr>
                        <td>
                            <form class="inline-form" method="post"
                                action="/setup/classes/{{ $class->id }}">@csrf
                                @method('put')<input type="hidden" name="version"
                                    value="{{ $class->version }}"><input name="name"
                                    value="{{ $class->name }}"
                                    aria-label="Name of class {{ $class->name }}" required
                                    maxlength="60"><select name="level"
                                    aria-label="Level of class {{ $class->name }}">
                                    @foreach ($levels as $level => $means)
                                        <option value="{{ $level }}"
                                            @selected($class->level === $level)>
                                            {{ $level }} {{ $means }}</option>
                                    @endforeach
                                </select>
                                <button class="btn slim">Save</button>
                            </form>
                        </td>
                        <td class="r">{{ $counts[$class->id] ?? 0 }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <form class="inline-form" method="post" action="/setup/classes">@csrf
            <div class="field"><label>New class<br><input name="name" required
                        maxlength="60"></label></div>
            <div class="field"><label>Level (ISO 14224)<br><select name="level">
                        @foreach ($levels as $level => $means)
                            <option value="{{ $level }}">{{ $level }}
                                {{ $means }}</option>
                        @endforeach
                    </select></label></div><button class="btn strong">Add the class</button>
        </form>
    </div>
</div>
