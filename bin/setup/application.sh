# What the application itself needs to run.

application_key() {
    [ -f "$DATA/application-key" ] || (umask 077; php -r 'echo "base64:".base64_encode(random_bytes(32));' > "$DATA/application-key")
    APP_KEY=$(cat "$DATA/application-key")
    export APP_KEY
}
