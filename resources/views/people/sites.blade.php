<div class="head bare">
    <div>
        <h2>Sites</h2>
    </div>
    <div class="acts"><a class="btn strong" href="/setup/sites/new">Add a site</a></div>
</div>
<div class="body whole">
    <div class="secs"><x-said />
        <table>
            <thead>
                <tr>
                    <th>code</th>
                    <th>name</th>
                    <th>time zone</th>
                    <th>currency</th>
                    <th class="r">release at</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($sites as $site)
                    <tr>
                        <td class="tag">{{ $site->code }}</td>
                        <td><a href="/setup/sites/{{ $site->id }}">{{ $site->name }}</a></td>
                        <td>{{ $site->timezone }}</td>
                        <td>{{ $site->currency }}</td>
                        <td class="r">{{ $site->release_hour }}:00</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
</div>
