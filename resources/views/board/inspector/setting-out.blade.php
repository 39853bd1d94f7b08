<form class="fields fields-inline" data-form="setting-out" novalidate>
    <label for="setting-out-distance">Setting-out line, from its {{ $from }}</label><x-length id="setting-out-distance" name="distance"/>
    <select name="side" aria-label="Side of the setting-out line"><option value="left">to its left</option><option value="right">to its right</option></select>
    <button class="btn btn-tool btn-sm">Draw</button>
</form>
