<svg class="logo" viewBox="0 0 28 28" aria-hidden="true"><path d="M4 24V4h20v9"/><path class="accent" d="M10 24h14M10 20.5v7M24 20.5v7"/></svg>
