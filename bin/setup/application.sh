# What the application itself needs to run.

application_key() {
    [ -f "$DATA/application-key" ] || (umask 077; php -r 'echo "base64:".base64_encode(random_bytes(32));' > "$DATA/application-key")
    APP_KEY=$(cat "$DATA/application-key")
    export APP_KEY
}

# What was set up, for plain `php artisan` and `vendor/bin/phpunit` in another terminal. A file that somebody else wrote stays as it is.
write_environment() {
    local mark="# Written by bin/setup/application.sh"
    if [ -f .env ] && ! grep -qF "$mark" .env; then return 0; fi
    (
        umask 077
        { echo "$mark"; sed -e "s|^APP_KEY=.*|APP_KEY=$APP_KEY|" -e "s|^DB_PORT=.*|DB_PORT=$DB_PORT|" -e "s|^DB_PASSWORD=.*|DB_PASSWORD=$DB_PASSWORD|" .env.example; } > .env
    )
}
