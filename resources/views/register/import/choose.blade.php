<div class="head bare"><div><h2>Load the register</h2><div class="meta">Locations and assets of {{ $site->name }} from one CSV file: first a check, then all of it or nothing.</div></div></div>
<div class="body whole"><div class="secs"><x-said/>
<form class="form" method="post" action="/register/import" enctype="multipart/form-data">@csrf
    <x-field name="file" label="CSV file" type="file" accept=".csv,text/csv" required hint="UTF-8, comma or semicolon. Nothing is loaded yet: the next page shows what is in it."/>
    <div class="foot-buttons"><button class="btn strong">Check the file</button><a class="btn" href="/register/import/template" hx-boost="false">Get a template</a></div>
</form>
<section class="part form"><h3>Columns</h3><p>The first line names the columns: <span class="tag">{{ implode(', ', $columns) }}</span>. <b>tag</b> and <b>name</b> are needed; the others may be left out or empty.</p>
<ul><li><b>kind</b>: location or asset. Without it, rows with a class are assets.</li><li><b>place</b>: the tag of the location at which an asset stands. <b>parent</b>: instead, the tag of the asset that it is a part of; for a location, the location around it.</li><li><b>criticality</b>: A, B or C. <b>life_state</b>: in service, standby, out of service, retired. <b>in_service_on</b>: 2021-04-12.</li><li>Rows may stand in any order: a parent may come after its parts.</li></ul></section>
</div></div>
