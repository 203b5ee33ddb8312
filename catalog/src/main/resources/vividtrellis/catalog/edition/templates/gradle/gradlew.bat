@rem Runs the Gradle that gradle\wrapper\gradle-wrapper.properties names, and fetches it first if it is not there yet.
@rem Needs a JDK and nothing else.
@echo off
setlocal
set "HERE=%~dp0"
set "WRAPPER=%HERE%gradle\wrapper"
if defined JAVA_HOME (set "JAVA=%JAVA_HOME%\bin\java.exe") else (set "JAVA=java")
"%JAVA%" -version >nul 2>&1
if errorlevel 1 (
    echo gradlew: no Java was found; point JAVA_HOME at a JDK. 1>&2
    exit /b 1
)
rem What is fetched already is only looked up; the last line says where it lies.
for /f "usebackq delims=" %%g in (`"%JAVA%" "%WRAPPER%\FetchGradle.java" "%WRAPPER%\gradle-wrapper.properties"`) do set "GRADLE=%%g"
if not defined GRADLE exit /b 1
cd /d "%HERE%"
call "%GRADLE%\bin\gradle.bat" %*
exit /b %errorlevel%
