@rem Makes a certificate for localhost in .local\, which version control leaves out, and the settings that use it.
@rem Your browser will warn of it, since nobody else vouches for it. Nothing of it is for production.
@echo off
setlocal
cd /d "%~dp0"
if defined JAVA_HOME (set "KEYTOOL=%JAVA_HOME%\bin\keytool.exe") else (set "KEYTOOL=keytool")
if not exist .local mkdir .local
if exist .local\https.p12 del .local\https.p12
"%KEYTOOL%" -genkeypair -alias local -keyalg RSA -keysize 3072 -validity 825 -dname CN=localhost -ext SAN=dns:localhost,ip:127.0.0.1 -storetype PKCS12 -keystore .local\https.p12 -storepass local-only
if errorlevel 1 exit /b 1
> .local\https.properties echo server.ssl.key-store=file:.local/https.p12
>> .local\https.properties echo server.ssl.key-store-password=local-only
>> .local\https.properties echo server.ssl.key-alias=local
echo The application now answers at https://localhost:{{port}}; remove .local\ to go back to HTTP.
