<p class="field-error" id="compose-refused" role="alert" hx-swap-oob="true">{{ $message }}</p>
