@echo off
rem The command line of Vivid Trellis. "vivid --help" says what it can do.
setlocal
set "VIVID_JAR=%~dp0..\lib\vivid.jar"
if not exist "%VIVID_JAR%" (
  >&2 echo vivid: A part is missing: %VIVID_JAR%
  >&2 echo   do:    unpack the download once more, with all that is in it
  exit /b 70
)
set "VIVID_JAVA=java"
if defined JAVA_HOME if exist "%JAVA_HOME%\bin\java.exe" set "VIVID_JAVA=%JAVA_HOME%\bin\java.exe"
where /q "%VIVID_JAVA%" 2>nul || if not exist "%VIVID_JAVA%" (
  >&2 echo vivid: There is no Java here.
  >&2 echo   do:    install Java 17 or newer, or point JAVA_HOME at one
  exit /b 70
)
"%VIVID_JAVA%" -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -Xshare:auto -Djdk.console=java.base -Dvivid.console=yes -Dfile.encoding=UTF-8 -jar "%VIVID_JAR%" %*
exit /b %ERRORLEVEL%
